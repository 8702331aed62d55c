package glimble.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** Refuses what is worked out if it is larger than anybody could use, as soon as it is. It is kept until it is whole. */
@Component
class LargestAnswer extends OncePerRequestFilter {
    private static final Set<String> WORKED_OUT = Set.of("/api/reels", "/api/cases", "/api/edits");

    private final long most;

    LargestAnswer(@Value("${glimble.largest-answer}") long most) {
        this.most = most;
    }

    /** What was worked out is too much to send. */
    static final class TooLarge extends IOException {
        TooLarge(long most) {
            super("The answer would have more than " + most
                    + " bytes; send fewer values at once, shorten texts and moves, or use fewer parts.");
        }
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !WORKED_OUT.contains(request.getRequestURI());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Kept kept = new Kept(response);
        chain.doFilter(request, kept);
        kept.copyBodyToResponse();
    }

    private final class Kept extends ContentCachingResponseWrapper {
        Kept(HttpServletResponse response) {
            super(response);
        }

        @Override
        public ServletOutputStream getOutputStream() throws IOException {
            ServletOutputStream stream = super.getOutputStream();
            return new ServletOutputStream() {
                @Override
                public void write(int one) throws IOException {
                    allow(1);
                    stream.write(one);
                }

                @Override
                public void write(byte[] bytes, int from, int length) throws IOException {
                    allow(length);
                    stream.write(bytes, from, length);
                }

                private void allow(int more) throws TooLarge {
                    if (getContentSize() + (long) more > most) throw new TooLarge(most);
                }

                @Override
                public boolean isReady() {
                    return stream.isReady();
                }

                @Override
                public void setWriteListener(WriteListener listener) {
                    stream.setWriteListener(listener);
                }
            };
        }
    }
}
