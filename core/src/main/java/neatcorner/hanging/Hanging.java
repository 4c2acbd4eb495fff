package neatcorner.hanging;

import io.soabase.recordbuilder.core.RecordBuilder;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;
import org.jspecify.annotations.Nullable;

/**
 * How a frame hangs, and on what.
 *
 * @param rings     how far down its rings are
 * @param angle     of the wire from horizontal, on either side of the hook; null for 30°, or as flat as hides the hook
 * @param hooks     that it hangs on, 1 or more; D-rings and keyholes take two
 * @param apart     from hook to hook, where there are several
 * @param centre    of the frame above the floor
 * @param wall      what the hooks are fixed to
 * @param rating    of one fixing, as its label says; zero where nobody looked
 * @param hardware  rating of what is on the frame: the wire, each ring or plate; zero where nobody looked
 * @param ceiling   height of the wall
 * @param furniture height of what stands below it; null where nothing does
 * @param sleepers  whether people sleep or sit below it
 * @param onWall    where on its wall it hangs, and what else does; null where nobody asked
 */
@RecordBuilder
public record Hanging(HangBy by, Depth rings, @Nullable Angle angle, int hooks, Length apart, Length centre,
        WallKind wall,
        Mass rating, Mass hardware, Length ceiling, @Nullable Length furniture, boolean sleepers,
        @Nullable OnWall onWall) implements HangingBuilder.With {
    /** A frame is given no more hooks than this. */
    public static final int MOST_HOOKS = 12;
    /** Standard gravity, m/s² (CGPM 1901). */
    public static final double GRAVITY = 9.80665;

    /** By two rings on two hooks, which holds any frame level, its centre at the height of the eyes: common practice. */
    public static Hanging usual(Units units) {
        return new Hanging(HangBy.D_RINGS, new Depth.Share(0.3), null, 1, units.either(200, 8),
                units.either(1480, 58), WallKind.HOLLOW, Mass.ZERO, Mass.ZERO, units.either(2400, 96), null, false,
                null);
    }

    /** How many hooks or screws it takes: two where it hangs by its sides. */
    public int fixings() {
        return switch (by) {
            case WIRE, CLEAT, SCREWS, STRIPS -> hooks;
            case SAWTOOTH -> 1;
            case D_RINGS, KEYHOLES -> 2;
            case EASEL -> 0;
        };
    }
}
