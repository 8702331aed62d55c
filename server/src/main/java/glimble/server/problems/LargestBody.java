package glimble.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses request bodies over a size: at once if the size is announced, else as soon as it is passed. */
@Component
class LargestBody extends OncePerRequestFilter {
    private final long most;

    private final long mostOfPicture;

    LargestBody(@Value("${glimble.largest-body}") long most, @Value("${glimble.largest-picture}") long mostOfPicture) {
        this.most = most;
        this.mostOfPicture = mostOfPicture;
    }

    private long most(HttpServletRequest request) {
        return request.getRequestURI().equals("/api/pictures") ? mostOfPicture : most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request);
        if (request.getContentLengthLong() > most) {
            response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getWriter()
                    .print("{\"status\":413,\"title\":\"Too large\",\"detail\":\"" + new TooLarge(most).getMessage()
                            + "\"}");
            return;
        }
        chain.doFilter(new Counted(request, most), response);
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream stream;
        private final long most;
        private long count;

        CountedStream(ServletInputStream stream, long most) {
            this.most = most;
            this.stream = stream;
        }

        private int counted(int read, int bytes) throws TooLarge {
            if (read >= 0 && (count += bytes) > most) throw new TooLarge(most);
            return read;
        }

        @Override
        public int read() throws IOException {
            return counted(stream.read(), 1);
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int read = stream.read(into, from, length);
            return counted(read, read);
        }

        @Override
        public boolean isFinished() {
            return stream.isFinished();
        }

        @Override
        public boolean isReady() {
            return stream.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            stream.setReadListener(listener);
        }
    }
}
