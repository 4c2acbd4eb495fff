package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Theirs;
import neatcorner.member.Member;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;

/** The lengths that a member has, by its name and its kind. */
public final class MemberFields {
    private MemberFields() {}

    /** Those of one member, the most telling first. */
    public static List<Field> of(Member member) {
        String name = member.name();
        List<Field> fields = new ArrayList<>();
        MemberSheet sheet = MemberSheet.of(member.kind());
        String width = sheet.width();
        if (!width.isEmpty()) {
            fields.add(field(name, "width", width, LengthRange.BORDER, Member::width, Member::withWidth));
        }
        if (member.kind().isWood()) {
            fields.add(field(name, "thickness", OpeningTexts.MEMBER_THICKNESS, LengthRange.BORDER, Member::thickness,
                    Member::withThickness));
        }
        for (MemberSheet.Size<?> own : sheet.sizes()) {
            fields.add(own.field(name));
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

    static Field field(String name, String id, String title, LengthRange range, Function<Member, Length> get,
            BiFunction<Member, Length, Member> set) {
        return new Field("part." + id + "." + name, OpeningTexts.OF_A_PART.formatted(Theirs.words(name), title), range,
                plan -> {
                    Member member = plan.job().member(name);
                    return member == null ? Length.ZERO : get.apply(member);
                }, (job, length) -> job.withMember(name, member -> set.apply(member, length)));
    }
}
