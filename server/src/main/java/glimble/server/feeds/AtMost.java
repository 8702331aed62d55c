package glimble.server.feeds;

import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodySubscriber;
import java.net.http.HttpResponse.BodySubscribers;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;

/** The bytes of an answer, which is let go once there are more than so many. */
final class AtMost implements BodySubscriber<byte[]> {
    private final BodySubscriber<byte[]> all = BodySubscribers.ofByteArray();
    private final int most;
    private Flow.Subscription coming;
    private long came;

    private AtMost(int most) {
        this.most = most;
    }

    static HttpResponse.BodyHandler<byte[]> bytes(int most) {
        return answer -> new AtMost(most);
    }

    @Override
    public CompletionStage<byte[]> getBody() {
        return all.getBody();
    }

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
        coming = subscription;
        all.onSubscribe(subscription);
    }

    @Override
    public void onNext(List<ByteBuffer> bytes) {
        came += bytes.stream().mapToLong(ByteBuffer::remaining).sum();
        if (came <= most) {
            all.onNext(bytes);
            return;
        }
        coming.cancel();
        all.onError(new FeedTable.Malformed("it is longer than " + most / 1_000_000 + " MB"));
    }

    @Override
    public void onError(Throwable fault) {
        all.onError(fault);
    }

    @Override
    public void onComplete() {
        all.onComplete();
    }
}
