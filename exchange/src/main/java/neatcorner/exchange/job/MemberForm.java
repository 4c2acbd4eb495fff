package neatcorner.exchange.job;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.wood.Species;

/** What belongs to a frame and is no ring: bars, slats, a head, hinges. */
final class MemberForm {
    private static final double MOST_TILT = 90;
    private static final double MOST_WATTS = 10_000;
    private static final Form<Length> SIZE = Forms.length(LengthRange.BORDER);
    private static final Form<Length> PLAY = Forms.length(LengthRange.PLAY);
    private static final Form<Length> CUT = Forms.length(LengthRange.CUT);
    private static final Form<Integer> BOUGHT = Forms.whole(1, MemberKind.MOST_BOUGHT);

    private static final Form<MemberKind> KIND = Form.of("kind of part", f -> f.choose("kind", null, List.of(
            Kind.of("slats", MemberKind.Slats.class, g -> new MemberKind.Slats(
                    g.or("groove", MemberKind.Slats::groove, CUT, Length.ZERO, "how deep they stand in each side"),
                    g.must("pitch", MemberKind.Slats::pitch, SIZE, "from one to the next"),
                    g.or("tilt", MemberKind.Slats::tilt, Forms.angle(0, MOST_TILT, "an angle from 0 to 90 degrees"),
                            Angle.ZERO, "out of the frame's plane"))),
            Kind.of("bar", MemberKind.Bar.class, g -> new MemberKind.Bar(
                    g.or("upright", MemberKind.Bar::upright, Forms.FLAG, false, ""),
                    g.or("at", MemberKind.Bar::at, Forms.number(0, 1, "a share from 0 to 1"), 0.5,
                            "share of the opening from the top, or from the left"),
                    g.or("play", MemberKind.Bar::play, PLAY, Length.ZERO, "at each end"))),
            Kind.of("triangles", MemberKind.Triangles.class, g -> new MemberKind.Triangles()),
            Kind.of("blocks", MemberKind.Blocks.class, g -> new MemberKind.Blocks()),
            Kind.of("extension", MemberKind.Extension.class, g -> new MemberKind.Extension()),
            Kind.of("head", MemberKind.Head.class, g -> new MemberKind.Head(
                    g.must("rise", MemberKind.Head::rise, SIZE, "of the arch over its ends"))),
            Kind.of("trim", MemberKind.Trim.class, g -> new MemberKind.Trim(
                    g.or("layers", MemberKind.Trim::layers, Forms.whole(1, MemberKind.MOST_LAYERS), 1,
                            "that it is glued up of"))),
            Kind.of("face", MemberKind.Face.class, g -> new MemberKind.Face(
                    g.or("cover", MemberKind.Face::cover, SIZE, Length.ZERO, "how far it reaches inside the opening"),
                    g.or("beyond", MemberKind.Face::beyond, SIZE, Length.ZERO, "how far past the outside, at least"),
                    g.must("repeat", MemberKind.Face::repeat, SIZE, "wished from arc to arc"),
                    g.must("wave", MemberKind.Face::wave, SIZE, "how far an arc rises over its ends"))),
            bought("hinges", MemberKind.Fitting.HINGES), bought("brackets", MemberKind.Fitting.BRACKETS),
            Kind.of("vents", MemberKind.Vents.class, g -> new MemberKind.Vents(
                    g.must("watts", MemberKind.Vents::watts, Forms.number(0, MOST_WATTS, "watts, zero or more"),
                            "given off inside"),
                    g.or("slot", MemberKind.Vents::slot, SIZE, Length.ZERO,
                            "how long one is from end to end; left out for round holes")))),
            "what it is"));

    private MemberForm() {}

    private static Kind<MemberKind> bought(String word, MemberKind.Fitting fitting) {
        return Kind.when(word, kind -> kind instanceof MemberKind.Bought one && one.fitting() == fitting,
                f -> f.part(MemberKind.Bought.class::cast, g -> new MemberKind.Bought(fitting,
                        g.must("count", MemberKind.Bought::count, BOUGHT, "how many"))));
    }

    /** All of a job whose frame is of this wood. */
    static Form<List<Member>> all(Species wood, List<Ring> rings) {
        Set<String> taken = rings.stream().map(Ring::name).collect(Collectors.toSet());
        Form<Member> one = Form.of("part", f -> new Member(
                f.must("name", Member::name, Forms.TEXT, "what its maker calls it; nothing else is called so"),
                Objects.requireNonNullElse(f.maybe("of", member -> member.of().isEmpty() ? null : member.of(),
                        Forms.TEXT, "the ring that it belongs to; left out for the frame"), ""),
                f.inline(Member::kind, KIND),
                f.or("wood", Member::wood, SectionForm.WOOD, wood, "the frame's where it is left out"),
                f.must("width", Member::width, SIZE, "as it is seen: of a bar, of a leg, of a hole"),
                f.must("thickness", Member::thickness, SIZE, "from front to back, all layers together")));
        return Forms.list(one, 0, Job.MOST_MEMBERS, "at most " + Job.MOST_MEMBERS + " parts").as(
                (parts, at) -> OwnNames.apart(parts, Member::name, Member::withName, taken, at), parts -> parts,
                List.of());
    }
}
