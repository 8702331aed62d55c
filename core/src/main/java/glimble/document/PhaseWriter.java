package glimble.document;

import glimble.graphic.Back;
import glimble.graphic.In;
import glimble.graphic.Loop;
import glimble.graphic.Out;
import glimble.graphic.Phase;
import glimble.graphic.Step;
import glimble.graphic.Swap;
import glimble.graphic.Timing;
import java.util.List;

/** Writes phases as {@link PhaseReader} reads them. */
final class PhaseWriter {
    private PhaseWriter() {}

    static Tree.Maker phase(Phase phase) {
        Tree.Maker maker = Tree.object()
                .putUnlessEmpty(
                        "moves", phase.moves().stream().map(MoveWriter::move).toList());
        if (phase instanceof Out out && out.mirrorsIn()) {
            maker.put("mirrors", "in");
            if (out.pace() instanceof Out.Frames frames) maker.put("frames", frames.count());
            else if (out.pace() instanceof Out.Share share && out.isPaced()) maker.put("share", share.share());
        }
        if (phase instanceof Loop loop) maker.put("length", loop.length());
        if (phase instanceof In in) {
            maker.putUnlessEmpty(
                    "steps", in.steps().stream().map(PhaseWriter::step).toList());
        }
        if (phase instanceof Back back) putMeeting(maker, back);
        Timing timing = phase.timing();
        return maker.putUnlessEmpty(
                        "delays",
                        timing.delays().stream().map(PhaseWriter::delay).toList())
                .putUnlessEmpty(
                        "staggers",
                        timing.staggers().stream().map(PhaseWriter::stagger).toList())
                .putUnlessEmpty(
                        "spans", timing.spans().stream().map(PhaseWriter::span).toList());
    }

    /** What a swap says of its meeting and flow belongs to both its halves. */
    static Tree swap(Swap swap) {
        Tree.Maker maker = Tree.object();
        if (!swap.away().equals(Swap.USUAL.away()))
            maker.put("away", phase(swap.away()).made());
        Back back = swap.back();
        if (!back.meeting(0, Back.Flow.USUAL).equals(Swap.USUAL.back()))
            maker.put("back", phase(back.meeting(0, Back.Flow.USUAL)).made());
        putMeeting(maker, back);
        if (swap.never()) maker.put("never", true);
        return maker.made();
    }

    private static void putMeeting(Tree.Maker maker, Back back) {
        maker.putUnless(0, "meet", back.meet());
        if (back.flow().equals(Back.Flow.USUAL)) return;
        maker.put(
                "flow",
                Tree.object()
                        .put("length", back.flow().length())
                        .put("ease", MoveWriter.ease(back.flow().ease()))
                        .made());
    }

    private static Tree step(Step step) {
        return Tree.object()
                .put("part", step.part())
                .putUnless(0, "plus", step.plus())
                .made();
    }

    private static Tree delay(Timing.Delay delay) {
        return Tree.object()
                .put("part", delay.part())
                .put("frames", delay.frames())
                .made();
    }

    private static Tree stagger(Timing.Stagger stagger) {
        List<Tree> parts =
                stagger.parts().stream().map(part -> (Tree) new Tree.Text(part)).toList();
        return Tree.object()
                .put("parts", new Tree.Arr(parts))
                .put("by", stagger.by())
                .made();
    }

    private static Tree span(Timing.TimeSpan span) {
        return Tree.object()
                .put("frames", span.frames())
                .put("firm", span.firm())
                .made();
    }
}
