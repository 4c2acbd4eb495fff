package neatcorner.hanging;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * A wall with several frames on it. Places along it are measured from its left corner.
 *
 * @param width  of the wall
 * @param from   where the middle of the job's own frame is
 * @param gap    wished between frames
 * @param studs  behind the wall; null where nobody knows
 * @param others that hang there, too
 */
@RecordBuilder
public record OnWall(Length width, Length from, Length gap, @Nullable Studs studs,
        List<Other> others) implements OnWallBuilder.With {
    /** No wall has more frames beside the job's own. */
    public static final int MOST_OTHERS = 60;
    /** No frame has more places that it hangs on. */
    public static final int MOST_HOOKS = 12;

    /**
     * Studs, all at one distance.
     *
     * @param first its middle, from the left corner of the wall
     * @param apart from middle to middle
     */
    public record Studs(Length first, Length apart) {

        /** How far the nearest stud's middle lies to the right of a place on the wall; negative to the left. */
        public Length off(Length at) {
            if (!apart.isPositive()) {
                return first.minus(at);
            }
            long steps = Math.max(0, Math.round(at.minus(first).over(apart)));
            return first.plus(apart.times(steps)).minus(at);
        }
    }

    /**
     * Another frame, as it was when it was put there.
     *
     * @param name   its maker's word for it
     * @param job    the file of its job in the shop; empty for a frame from elsewhere
     * @param width  outside
     * @param height outside
     * @param from   where its middle is
     * @param centre of it above the floor
     * @param hooks  that it hangs on, from left to right
     */
    @RecordBuilder
    public record Other(String name, String job, Length width, Length height, Length from, Length centre,
            List<HungBy> hooks) implements OnWallOtherBuilder.With {

        public Other {
            hooks = List.copyOf(hooks);
        }
    }

    /**
     * One place that a frame hangs on.
     *
     * @param right of the frame's middle, negative left of it
     * @param down  below its top edge
     */
    public record HungBy(Length right, Length down) {}

    public OnWall {
        others = List.copyOf(others);
    }

    /** A wall of a common size with nothing else on it, the frame in its middle. */
    public static OnWall usual(Units units) {
        Length width = units.either(4000, 156);
        return new OnWall(width, new Length(width.units() / 2), units.either(60, 2.5), null, List.of());
    }

    /** Studs as they commonly stand: 400 mm or 16 in apart. */
    public static Studs studs(Units units) {
        Length apart = units.either(400, 16);
        return new Studs(apart, apart);
    }
}
