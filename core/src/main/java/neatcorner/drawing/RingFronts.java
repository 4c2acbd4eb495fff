package neatcorner.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import neatcorner.outline.Contours;
import neatcorner.plan.Across;
import neatcorner.plan.Plan;

/** The rings of a frame as they are seen from the front: those behind it, and those that lie flush with it or before it. */
public final class RingFronts {
    private final Plan plan;
    private final Marks marks;

    public RingFronts(Plan plan, Marks marks) {
        this.plan = plan;
        this.marks = marks;
    }

    /** Those behind what is held: seen only where a gap is. */
    public void behind() {
        double back = content();
        draw(ring -> ring.front() >= back - 1e-6 && ring.front() > 0);
    }

    /** Those between what is held and the frame's own face. */
    public void behindTheFace() {
        double back = content();
        draw(ring -> ring.front() > 0 && ring.front() < back - 1e-6);
    }

    /** Those that stand flush with the face, or before it. */
    public void before() {
        draw(ring -> ring.front() <= 0);
    }

    private double content() {
        Across.Content held = Across.of(plan).content();
        return held == null ? 0 : held.back();
    }

    private void draw(Predicate<Across.Lying> which) {
        List<Across.Lying> rings = Across.of(plan).rings().stream().filter(which)
                .sorted(Comparator.comparingDouble(Across.Lying::front).reversed()).toList();
        for (Across.Lying ring : rings) {
            Contours edges = ring.cut().contours();
            if (edges != null) {
                RingFace face = new RingFace(edges, plan.job().outline(), ring.ring().joint());
                for (int i = 0; i < face.count(); i++) {
                    marks.wood(face.outline(i), face.parts(i), Tint.wood(ring.section().wood()), face.grain(i), 61 + i);
                }
            }
        }
    }
}
