package glimble.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses request bodies over a size: at once if the size is announced, else as soon as it is passed; and those that come in too slowly,
 * or while so many are coming in that there would be no thread left for anything else.
 */
@Component
class LargestBody extends OncePerRequestFilter {
    private final long most;
    private final long mostOfFile;
    private final Semaphore comingIn;

    LargestBody(
            @Value("${glimble.largest-body}") long most,
            @Value("${glimble.largest-file}") long mostOfFile,
            @Value("${glimble.most-bodies}") int mostAtOnce) {
        this.most = most;
        this.mostOfFile = mostOfFile;
        comingIn = new Semaphore(mostAtOnce);
    }

    private long most(HttpServletRequest request) {
        return SentFiles.areTakenAt(request.getRequestURI()) ? mostOfFile : most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request);
        if (request.getContentLengthLong() > most) {
            ProblemAnswer.write(response, HttpStatus.CONTENT_TOO_LARGE, "Too large", new TooLarge(most).getMessage());
            return;
        }
        // Streams that stay open, and whatever else only asks, bring none.
        boolean bringsNone =
                request.getContentLengthLong() <= 0 && request.getHeader(HttpHeaders.TRANSFER_ENCODING) == null;
        if (bringsNone) {
            chain.doFilter(request, response);
            return;
        }
        if (!comingIn.tryAcquire()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "2");
            ProblemAnswer.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "Busy",
                    "Too many requests are coming in; try again in a moment.");
            return;
        }
        Counted counted = new Counted(request, most, comingIn);
        try {
            chain.doFilter(counted, response);
        } finally {
            counted.end();
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final long most;
        private final Semaphore comingIn;
        private boolean ended;

        Counted(HttpServletRequest request, long most, Semaphore comingIn) {
            super(request);
            this.most = most;
            this.comingIn = comingIn;
        }

        /** Once it has come in, another may. */
        void end() {
            if (!ended) comingIn.release();
            ended = true;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most, this::end);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        /** Seconds that any body may take, and bytes of each further second. */
        private static final int SECONDS = 8;

        private static final long BYTES_A_SECOND = 50_000;

        private final ServletInputStream stream;
        private final long most;
        private final Runnable ended;
        private final long began = System.nanoTime();
        private long count;

        CountedStream(ServletInputStream stream, long most, Runnable ended) {
            this.most = most;
            this.stream = stream;
            this.ended = ended;
        }

        private int counted(int read, int bytes) throws IOException {
            if (read < 0) {
                ended.run();
                return read;
            }
            count += bytes;
            if (count > most) throw new TooLarge(most);
            double seconds = (System.nanoTime() - began) / 1e9;
            if (seconds > SECONDS + count / (double) BYTES_A_SECOND) throw new TooSlow();
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
