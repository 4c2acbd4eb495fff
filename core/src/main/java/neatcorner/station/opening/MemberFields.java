package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Theirs;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;

/** The lengths that a member has, by its name and its kind. */
public final class MemberFields {
    private MemberFields() {}

    /** Those of one member, the most telling first. */
    public static List<Field> of(Member member) {
        String name = member.name();
        List<Field> fields = new ArrayList<>();
        fields.add(field(name, "width", widthTitle(member.kind()), LengthRange.BORDER, Member::width,
                Member::withWidth));
        if (member.kind().isWood()) {
            fields.add(field(name, "thickness", OpeningTexts.MEMBER_THICKNESS, LengthRange.BORDER, Member::thickness,
                    Member::withThickness));
        }
        switch (member.kind()) {
            case MemberKind.Slats slats -> {
                fields.add(kind(name, "pitch", OpeningTexts.MEMBER_PITCH, LengthRange.BORDER, MemberKind.Slats.class,
                        MemberKind.Slats::pitch, MemberKind.Slats::withPitch));
                fields.add(kind(name, "groove", OpeningTexts.MEMBER_GROOVE, LengthRange.CUT, MemberKind.Slats.class,
                        MemberKind.Slats::groove, MemberKind.Slats::withGroove));
            }
            case MemberKind.Bar bar -> fields.add(kind(name, "play", OpeningTexts.MEMBER_PLAY, LengthRange.PLAY,
                    MemberKind.Bar.class, MemberKind.Bar::play, MemberKind.Bar::withPlay));
            case MemberKind.Head head -> fields.add(kind(name, "rise", OpeningTexts.MEMBER_RISE, LengthRange.BORDER,
                    MemberKind.Head.class, MemberKind.Head::rise, MemberKind.Head::withRise));
            case MemberKind.Face face -> {
                fields.removeFirst();
                fields.add(kind(name, "repeat", OpeningTexts.MEMBER_REPEAT, LengthRange.BORDER, MemberKind.Face.class,
                        MemberKind.Face::repeat, MemberKind.Face::withRepeat));
                fields.add(kind(name, "wave", OpeningTexts.MEMBER_WAVE, LengthRange.BORDER, MemberKind.Face.class,
                        MemberKind.Face::wave, MemberKind.Face::withWave));
                fields.add(kind(name, "beyond", OpeningTexts.MEMBER_BEYOND, LengthRange.BORDER, MemberKind.Face.class,
                        MemberKind.Face::beyond, MemberKind.Face::withBeyond));
                fields.add(kind(name, "cover", OpeningTexts.MEMBER_COVER, LengthRange.BORDER, MemberKind.Face.class,
                        MemberKind.Face::cover, MemberKind.Face::withCover));
            }
            case MemberKind.Triangles triangles -> {
            }
            case MemberKind.Blocks blocks -> {
            }
            case MemberKind.Extension extension -> {
            }
            case MemberKind.Trim trim -> {
            }
            case MemberKind.Bought bought -> {
            }
            case MemberKind.Vents vents -> {
            }
        }
        return fields;
    }

    /** Those of all members of a plan. */
    static List<Field> all(Plan plan) {
        return plan.job().members().stream().flatMap(member -> of(member).stream()).toList();
    }

    /** What a field of a ring or a member is called where it is plain whose it is. */
    public static String brief(Field field, String name) {
        String whole = OpeningTexts.OF_A_PART.formatted(Theirs.words(name), "");
        return field.title().startsWith(whole) ? field.title().substring(whole.length()) : field.title();
    }

    private static String widthTitle(MemberKind kind) {
        return switch (kind) {
            case MemberKind.Triangles triangles -> OpeningTexts.MEMBER_LEG;
            case MemberKind.Blocks blocks -> OpeningTexts.MEMBER_LEG;
            case MemberKind.Extension extension -> OpeningTexts.MEMBER_HEIGHT;
            case MemberKind.Head head -> OpeningTexts.MEMBER_HEIGHT_AT_ENDS;
            case MemberKind.Bought bought -> OpeningTexts.MEMBER_LENGTH;
            case MemberKind.Vents vents -> OpeningTexts.MEMBER_DIAMETER;
            case MemberKind.Slats slats -> OpeningTexts.MEMBER_WIDTH;
            case MemberKind.Bar bar -> OpeningTexts.MEMBER_WIDTH;
            case MemberKind.Trim trim -> OpeningTexts.MEMBER_WIDTH;
            case MemberKind.Face face -> OpeningTexts.MEMBER_WIDTH;
        };
    }

    private static Field field(String name, String id, String title, LengthRange range, Function<Member, Length> get,
            BiFunction<Member, Length, Member> set) {
        return new Field("part." + id + "." + name, OpeningTexts.OF_A_PART.formatted(Theirs.words(name), title), range,
                plan -> {
                    Member member = plan.job().member(name);
                    return member == null ? Length.ZERO : get.apply(member);
                }, (job, length) -> job.withMember(name, member -> set.apply(member, length)));
    }

    private static <K extends MemberKind> Field kind(String name, String id, String title, LengthRange range,
            Class<K> type, Function<K, Length> get, BiFunction<K, Length, ? extends MemberKind> set) {
        return field(name, id, title, range,
                member -> type.isInstance(member.kind()) ? get.apply(type.cast(member.kind())) : Length.ZERO,
                (member, length) -> of(member, type, kind -> set.apply(kind, length)));
    }

    private static <K extends MemberKind> Member of(Member member, Class<K> type,
            Function<K, ? extends MemberKind> change) {
        UnaryOperator<Member> changed = each -> each.withKind(change.apply(type.cast(each.kind())));
        return type.isInstance(member.kind()) ? changed.apply(member) : member;
    }
}
