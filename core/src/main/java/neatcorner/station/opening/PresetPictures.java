package neatcorner.station.opening;

import java.util.Arrays;
import java.util.List;
import neatcorner.drawing.Box;
import neatcorner.drawing.Figure;
import neatcorner.drawing.FrameFront;
import neatcorner.drawing.Marks;
import neatcorner.drawing.MemberMarks;
import neatcorner.job.Job;
import neatcorner.job.Preset;
import neatcorner.measure.Length;
import neatcorner.outline.Contours;
import neatcorner.outline.Opening;
import neatcorner.plan.Plan;

/** Kinds of frames to choose from, each round this very art. */
public final class PresetPictures {
    private PresetPictures() {}

    /**
     * One kind.
     *
     * @param outside how large the frame would be
     * @param fits    whether there would be a frame at all
     */
    public record Choice(Preset preset, Opening outside, boolean fits, Figure picture) {}

    /** All kinds, for the art of a plan. */
    public static List<Choice> of(Plan plan) {
        return Arrays.stream(Preset.values()).map(preset -> choice(plan.job(), preset)).toList();
    }

    private static Choice choice(Job job, Preset preset) {
        Job as = preset.of(job, job.units()).withQuantity(1);
        Plan plan = Plan.of(as.withStock(as.stock().withSticks(List.of())), () -> true);
        Contours contours = plan.contours();
        if (contours == null) {
            return new Choice(preset, plan.sizes().outside(), false, FrameFront.nothing());
        }
        Marks marks = new Marks();
        new FrameFront(plan, contours, marks).drawQuietly();
        Box box = MemberMarks.around(plan, FrameFront.box(contours.outside()));
        boolean fits = plan.members().stream().allMatch(member -> member.fault() == null);
        return new Choice(preset, new Opening(Length.mm(box.width()), Length.mm(box.height())), fits,
                new Figure(preset.title(), box, Figure.Margin.all(2), marks.list()));
    }
}
