package glimble.graphic;

/**
 * A band along a course. Its width is its length along that course, its height its breadth; where it stands it is as large as it is
 * seen to be once it is bent, twisted and tilted. What rides on it ({@link Base#rides}) stands on it as if it were straight.
 *
 * @param fill of its front; alpha does not count
 * @param back colour of its back; empty for that of its front
 * @param sheen 0–1, how much of the light it throws back
 */
public record RibbonPart(Base base, Paint fill, String back, RibbonForm form, double sheen, Look look) implements Part {

    @Override
    public String kind() {
        return "ribbon";
    }

    @Override
    public RibbonPart withBase(Base other) {
        return new RibbonPart(other, fill, back, form, sheen, look);
    }

    public RibbonPart withFill(Paint other) {
        return new RibbonPart(base, other, back, form, sheen, look);
    }

    public RibbonPart withForm(RibbonForm other) {
        return new RibbonPart(base, fill, back, other, sheen, look);
    }
}
