package neatcorner.station.corners;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.corner.solid.JoinedCorner;
import neatcorner.corner.solid.Part;
import neatcorner.corner.solid.Room;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Sentence;
import neatcorner.plan.CornerWork;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.plan.Plan;

/** Sizes and places of what holds the corners, by its number in the job. */
public final class CornerFields {
    private CornerFields() {}

    /** Its governing size: a spline's depth, a tenon's length. */
    public static Field size(ReinforcementKind kind, int index) {
        return field(kind, index, "size", kind.sizeName(), Reinforcement::size, Reinforcement::withSize);
    }

    /** The thin size of the reinforcement of that index. */
    public static Field thickness(ReinforcementKind kind, int index) {
        return field(kind, index, "thickness", kind.thicknessName(), Reinforcement::thickness,
                Reinforcement::withThickness);
    }

    /** The second size of the reinforcement of that index. */
    public static Field width(ReinforcementKind kind, int index) {
        return field(kind, index, "width", kind.widthName(), Reinforcement::width, Reinforcement::withWidth);
    }

    /** Where it lies along the joint or the edge; shows the usual place until another is typed. */
    public static Field fromHeel(ReinforcementKind kind, int index) {
        return new Field("reinforcement." + index + ".heel",
                CornersTexts.PART_FROM_THE_HEEL.formatted(Sentence.capital(kind.title())),
                LengthRange.PLACE,
                plan -> place(plan, index, true),
                (job, length) -> at(index).change(job, what -> what.at(length, what.fromFace())));
    }

    /** From the front face to the middle of the reinforcement of that index. */
    public static Field fromFace(ReinforcementKind kind, int index) {
        return new Field("reinforcement." + index + ".face",
                CornersTexts.PART_FROM_THE_FRONT.formatted(Sentence.capital(kind.title())),
                LengthRange.PLACE,
                plan -> place(plan, index, false),
                (job, length) -> at(index).change(job, what -> what.at(what.fromHeel(), length)));
    }

    /** Those that such a reinforcement has. */
    public static List<Field> of(ReinforcementKind kind, int index) {
        List<Field> fields = new ArrayList<>();
        if (kind != ReinforcementKind.PEG && kind != ReinforcementKind.BISCUIT) {
            fields.add(size(kind, index));
        }
        if (!kind.widthName().isEmpty() && kind != ReinforcementKind.BISCUIT && kind != ReinforcementKind.V_NAIL) {
            fields.add(width(kind, index));
        }
        if (!kind.isScrew() && kind != ReinforcementKind.BISCUIT && kind != ReinforcementKind.V_NAIL) {
            fields.add(thickness(kind, index));
        }
        List<Room> ways = Room.of(kind);
        if (ways.contains(Room.TOE)) {
            fields.add(fromHeel(kind, index));
        }
        if (ways.contains(Room.BACK)) {
            fields.add(fromFace(kind, index));
        }
        return fields;
    }

    private static Field field(ReinforcementKind kind, int index, String id, String name,
            Function<Reinforcement, Length> get, BiFunction<Reinforcement, Length, Reinforcement> set) {
        return new Field("reinforcement." + index + "." + id, Sentence.capital(kind.title()) + ", " + name,
                LengthRange.PART, at(index).to(get, set));
    }

    private static Lens<Job, Reinforcement> at(int index) {
        return Lens.at(Lens.job(Job::reinforcement, Job::withReinforcement), index);
    }

    /** The middle of its parts in the commonest corner. */
    private static Length place(Plan plan, int index, boolean heel) {
        for (CornerWork.Kind kind : CornerWork.of(plan).kinds()) {
            JoinedCorner corner = kind.corner();
            List<Part> parts = corner.parts().stream().filter(part -> part.of() == index).toList();
            if (!parts.isEmpty()) {
                double first = heel ? parts.getFirst().fromHeel() : parts.getFirst().fromFace();
                double last = heel ? parts.getLast().fromHeel() : parts.getLast().fromFace();
                return Length.mm((first + last) / 2);
            }
        }
        return Length.ZERO;
    }
}
