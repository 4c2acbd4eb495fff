package neatcorner.station.opening;

import java.util.Optional;
import java.util.function.BiFunction;
import neatcorner.measure.Angle;
import neatcorner.member.MemberKind;

/**
 * A number of a member that is no length.
 *
 * @param id    stable, by its kind
 * @param title what a maker calls it, in US words
 * @param step  by which it is usually changed
 * @param now   what it is
 * @param set   a kind with another; one that has no such number any more stays as it is
 */
public record MemberNumber(String id, String title, double least, double most, double step, double now,
        BiFunction<MemberKind, Double, MemberKind> set) {
    private static final double MOST_WATTS = 1000;
    private static final double PERCENT = 100;

    /** That of a kind of member; empty where it has none. */
    public static Optional<MemberNumber> of(MemberKind of) {
        return switch (of) {
            case MemberKind.Slats slats -> Optional.of(new MemberNumber("tilt", OpeningTexts.MEMBER_TILT, 0, 90, 5,
                    slats.tilt().degrees(), (kind, value) -> kind instanceof MemberKind.Slats one
                            ? one.withTilt(Angle.ofDegrees(value))
                            : kind));
            case MemberKind.Bar bar -> Optional.of(new MemberNumber("at", bar.upright()
                    ? OpeningTexts.MEMBER_FROM_LEFT
                    : OpeningTexts.MEMBER_FROM_TOP, 0, PERCENT, 5, bar.at() * PERCENT,
                    (kind, value) -> kind instanceof MemberKind.Bar one ? one.withAt(value / PERCENT) : kind));
            case MemberKind.Trim trim -> Optional.of(new MemberNumber("layers", OpeningTexts.MEMBER_LAYERS, 1,
                    MemberKind.MOST_LAYERS, 1, trim.layers(), (kind, value) -> kind instanceof MemberKind.Trim
                            ? new MemberKind.Trim(value.intValue())
                            : kind));
            case MemberKind.Bought bought -> Optional.of(new MemberNumber("count", OpeningTexts.MEMBER_COUNT, 1,
                    MemberKind.MOST_BOUGHT, 1, bought.count(),
                    (kind, value) -> kind instanceof MemberKind.Bought one
                            ? new MemberKind.Bought(one.fitting(), value.intValue())
                            : kind));
            case MemberKind.Vents vents -> Optional.of(new MemberNumber("watts", OpeningTexts.MEMBER_WATTS, 0,
                    MOST_WATTS, 5, vents.watts(), (kind, value) -> kind instanceof MemberKind.Vents
                            ? new MemberKind.Vents(value)
                            : kind));
            case MemberKind.Triangles triangles -> Optional.empty();
            case MemberKind.Blocks blocks -> Optional.empty();
            case MemberKind.Extension extension -> Optional.empty();
            case MemberKind.Head head -> Optional.empty();
            case MemberKind.Face face -> Optional.empty();
        };
    }
}
