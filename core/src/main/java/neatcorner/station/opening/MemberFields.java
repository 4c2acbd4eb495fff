package neatcorner.station.opening;

import java.util.ArrayList;
import java.util.List;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Theirs;
import neatcorner.member.Member;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.plan.Plan;

/** The lengths that a member has, by its name and its kind. */
public final class MemberFields {
    private MemberFields() {}

    /** Those of one member, the most telling first. */
    public static List<Field> of(Member member) {
        String name = member.name();
        Lens<Job, Member> here = Lens.job(job -> job.member(name),
                (job, changed) -> job.withMember(name, was -> changed));
        List<Field> fields = new ArrayList<>();
        MemberCard card = MemberCard.of(member.kind());
        if (!card.width().isEmpty()) {
            fields.add(
                    field(name, "width", card.width(), LengthRange.BORDER, here.to(Member::width, Member::withWidth)));
        }
        if (member.kind().isWood()) {
            fields.add(field(name, "thickness", OpeningTexts.MEMBER_THICKNESS, LengthRange.BORDER,
                    here.to(Member::thickness, Member::withThickness)));
        }
        for (MemberCard.Size<?> own : card.sizes()) {
            fields.add(
                    field(name, own.id(), own.title(), own.range(), own.of(here.to(Member::kind, Member::withKind))));
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

    private static Field field(String name, String id, String title, LengthRange range, Lens<Job, Length> place) {
        return new Field("part." + id + "." + name, OpeningTexts.OF_A_PART.formatted(Theirs.words(name), title), range,
                place);
    }
}
