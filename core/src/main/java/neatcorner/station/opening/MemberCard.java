package neatcorner.station.opening;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.member.MemberKind;
import neatcorner.plan.Lens;

/**
 * What is asked and told of a kind of member here.
 *
 * @param width  what its width is called; empty where that is of no matter
 * @param sizes  the lengths that only such a member has
 * @param number the number it has that is no length
 * @param how    where its count or its length comes from
 */
record MemberCard(String width, List<Size<?>> sizes, Optional<MemberNumber> number, String how) {
    private static final double MOST_WATTS = 1000;
    private static final double PERCENT = 100;

    /** A length of a kind of member. */
    record Size<K extends MemberKind>(String id, String title, LengthRange range, Class<K> type,
            Function<K, Length> get,
            BiFunction<K, Length, ? extends MemberKind> set) {

        /** Where it stands in a whole whose kind of member this shows. */
        <W> Lens<W, Length> of(Lens<W, MemberKind> kind) {
            return kind.as(type).to(get, (one, length) -> type.cast(set.apply(one, length)));
        }
    }

    static MemberCard of(MemberKind of) {
        return switch (of) {
            case MemberKind.Slats slats -> new MemberCard(OpeningTexts.MEMBER_WIDTH, List.of(
                    new Size<>("pitch", OpeningTexts.MEMBER_PITCH, LengthRange.BORDER, MemberKind.Slats.class,
                            MemberKind.Slats::pitch, MemberKind.Slats::withPitch),
                    new Size<>("groove", OpeningTexts.MEMBER_GROOVE, LengthRange.CUT, MemberKind.Slats.class,
                            MemberKind.Slats::groove, MemberKind.Slats::withGroove)),
                    Optional.of(new MemberNumber("tilt", OpeningTexts.MEMBER_TILT, 0, 90, 5, slats.tilt().degrees(),
                            (kind, value) -> kind instanceof MemberKind.Slats one
                                    ? one.withTilt(Angle.ofDegrees(value))
                                    : kind)),
                    OpeningTexts.HOW_SLATS);
            case MemberKind.Bar bar -> new MemberCard(OpeningTexts.MEMBER_WIDTH, List.of(
                    new Size<>("play", OpeningTexts.MEMBER_PLAY, LengthRange.PLAY, MemberKind.Bar.class,
                            MemberKind.Bar::play, MemberKind.Bar::withPlay)),
                    Optional.of(new MemberNumber("at",
                            bar.upright() ? OpeningTexts.MEMBER_FROM_LEFT : OpeningTexts.MEMBER_FROM_TOP, 0, PERCENT, 5,
                            bar.at() * PERCENT, (kind, value) -> kind instanceof MemberKind.Bar one
                                    ? one.withAt(value / PERCENT)
                                    : kind)),
                    OpeningTexts.HOW_BAR);
            case MemberKind.Triangles triangles -> plain(OpeningTexts.MEMBER_LEG, OpeningTexts.HOW_CORNERS);
            case MemberKind.Blocks blocks -> plain(OpeningTexts.MEMBER_LEG, OpeningTexts.HOW_CORNERS);
            case MemberKind.Extension extension -> plain(OpeningTexts.MEMBER_HEIGHT, OpeningTexts.HOW_TOP);
            case MemberKind.Head head -> new MemberCard(OpeningTexts.MEMBER_HEIGHT_AT_ENDS, List.of(
                    new Size<>("rise", OpeningTexts.MEMBER_RISE, LengthRange.BORDER, MemberKind.Head.class,
                            MemberKind.Head::rise, MemberKind.Head::withRise)),
                    Optional.empty(), OpeningTexts.HOW_TOP);
            case MemberKind.Trim trim -> counted(OpeningTexts.MEMBER_WIDTH, new MemberNumber("layers",
                    OpeningTexts.MEMBER_LAYERS, 1, MemberKind.MOST_LAYERS, 1, trim.layers(),
                    (kind, value) -> kind instanceof MemberKind.Trim ? new MemberKind.Trim(value.intValue()) : kind),
                    OpeningTexts.HOW_TRIM);
            case MemberKind.Face face -> new MemberCard("", List.of(
                    new Size<>("repeat", OpeningTexts.MEMBER_REPEAT, LengthRange.BORDER, MemberKind.Face.class,
                            MemberKind.Face::repeat, MemberKind.Face::withRepeat),
                    new Size<>("wave", OpeningTexts.MEMBER_WAVE, LengthRange.BORDER, MemberKind.Face.class,
                            MemberKind.Face::wave, MemberKind.Face::withWave),
                    new Size<>("beyond", OpeningTexts.MEMBER_BEYOND, LengthRange.BORDER, MemberKind.Face.class,
                            MemberKind.Face::beyond, MemberKind.Face::withBeyond),
                    new Size<>("cover", OpeningTexts.MEMBER_COVER, LengthRange.BORDER, MemberKind.Face.class,
                            MemberKind.Face::cover, MemberKind.Face::withCover)),
                    Optional.empty(), OpeningTexts.ARCS_FORMULA);
            case MemberKind.Bought bought -> counted(OpeningTexts.MEMBER_LENGTH, new MemberNumber("count",
                    OpeningTexts.MEMBER_COUNT, 1, MemberKind.MOST_BOUGHT, 1, bought.count(),
                    (kind, value) -> kind instanceof MemberKind.Bought one
                            ? new MemberKind.Bought(one.fitting(), value.intValue())
                            : kind),
                    OpeningTexts.HOW_BOUGHT);
            case MemberKind.Vents vents -> new MemberCard(
                    vents.slot().isPositive() ? OpeningTexts.MEMBER_WIDTH : OpeningTexts.MEMBER_DIAMETER, List.of(
                            new Size<>("slot", OpeningTexts.MEMBER_SLOT, LengthRange.ALLOWANCE, MemberKind.Vents.class,
                                    MemberKind.Vents::slot,
                                    (one, length) -> new MemberKind.Vents(one.watts(), length))),
                    Optional.of(new MemberNumber("watts", OpeningTexts.MEMBER_WATTS, 0, MOST_WATTS, 5, vents.watts(),
                            (kind, value) -> kind instanceof MemberKind.Vents one
                                    ? new MemberKind.Vents(value, one.slot())
                                    : kind)),
                    OpeningTexts.HOW_VENTS);
        };
    }

    private static MemberCard plain(String width, String how) {
        return new MemberCard(width, List.of(), Optional.empty(), how);
    }

    private static MemberCard counted(String width, MemberNumber number, String how) {
        return new MemberCard(width, List.of(), Optional.of(number), how);
    }
}
