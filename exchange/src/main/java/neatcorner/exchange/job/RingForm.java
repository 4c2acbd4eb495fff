package neatcorner.exchange.job;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import neatcorner.corner.Reinforcement;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.job.Job;
import neatcorner.job.Make;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;
import neatcorner.wood.Species;

/** A ring that is set against the frame or another ring. */
final class RingForm {
    private static final Form<SizeOf> EDGE = Forms.named(List.of(SizeOf.SIGHT, SizeOf.RABBET, SizeOf.OUTSIDE),
            edge -> edge.name().toLowerCase(Locale.ROOT));
    private static final Form<Length> PLAY = Forms.length(LengthRange.PLAY);
    private static final Form<Length> PLACE = Forms.length(LengthRange.PLACE);
    private static final Form<Length> ALONG = Forms.length(LengthRange.ALLOWANCE);

    private static final Form<Screws> SCREWS = Form.of("screws", f -> new Screws(
            f.must("length", Screws::length, Forms.length(LengthRange.PART), "of a screw"),
            new Spacing(
                    f.orIn("first", screws -> screws.spacing().first(), ALONG, in -> Spacing.screws(in).first(),
                            "of the outermost ones from the ends; 0 for equal spaces all along"),
                    f.orIn("most", screws -> screws.spacing().most(), ALONG, in -> Spacing.screws(in).most(),
                            "no two lie further apart"))));

    private record Corner(CornerJoint joint, List<Reinforcement> reinforcement) {}

    private static final Form<Corner> CORNER = Form.of("ring corner", f -> new Corner(
            f.or("joint", Corner::joint, JobForm.JOINT, CornerJoint.MITER, ""),
            f.or("reinforcement", Corner::reinforcement, JobForm.REINFORCEMENT, List.of(), "besides glue")));

    private RingForm() {}

    /** All of a job whose frame is of this wood. */
    static Form<List<Ring>> all(Species wood) {
        Form<Ring> one = Form.of("ring", f -> ring(f, wood));
        return Forms.list(one, 0, Job.MOST_RINGS, "at most " + Job.MOST_RINGS + " rings").as(
                (rings, at) -> OwnNames.apart(rings, Ring::name, RingForm::named, Set.of(), at), rings -> rings,
                List.of());
    }

    private static Ring named(Ring ring, String name) {
        return ring.withPlace(ring.place().withName(name));
    }

    private static Ring ring(Fields<Ring> f, Species wood) throws BadFile {
        Ring.Place place = f.part(Ring::place, RingForm::place);
        Section section = f.must("section", Ring::section, SectionForm.ofRing(wood), "its own");
        Corner corner = f.or("corner", ring -> new Corner(ring.joint(), ring.reinforcement()), CORNER,
                new Corner(CornerJoint.MITER, List.of()), "how its own pieces meet");
        return new Ring(place, new Make(section, corner.joint(), corner.reinforcement()),
                f.maybe("screws", Ring::screws, SCREWS, "that fasten it, side by side; left out where there are none"));
    }

    private static Ring.Place place(Fields<Ring.Place> f) throws BadFile {
        return new Ring.Place(
                f.must("name", Ring.Place::name, Forms.TEXT, "what its maker calls it; no two have the same"),
                Objects.requireNonNullElse(f.maybe("of", place -> place.of().isEmpty() ? null : place.of(), Forms.TEXT,
                        "the ring that it is set against; left out for the frame"), ""),
                f.must("edge", Ring.Place::edge, EDGE, "of that one"),
                f.must("as", Ring.Place::as, EDGE, "its own edge that lies there"),
                f.or("play", Ring.Place::play, PLAY, Length.ZERO,
                        "a side: `outside` lies so far inside the other edge, any other so far outside it"),
                f.maybe("front", Ring.Place::front, PLACE,
                        "how far its front lies behind that of the frame; left out where it comes to lie by itself"));
    }
}
