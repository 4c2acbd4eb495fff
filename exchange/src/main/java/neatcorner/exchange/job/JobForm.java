package neatcorner.exchange.job;

import java.util.List;
import neatcorner.corner.Reinforcement;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.FieldTable;
import neatcorner.exchange.form.Fields.Need;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Kind;
import neatcorner.exchange.form.Schemas;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.JsonText;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Hold;
import neatcorner.job.Job;
import neatcorner.job.Make;
import neatcorner.job.Order;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Units;
import neatcorner.member.Member;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.piece.CornerJoint;
import neatcorner.section.Section;
import org.jspecify.annotations.Nullable;

/** A job, version 1. */
public final class JobForm {
    /** What a job of this version says of itself. */
    public static final String FORMAT = "neat-corner-job/1";

    private static final int WIDE = 150;

    static final Form<Units> UNITS = Forms.named(List.of(Units.values()), Units::symbol, "mm or in");
    private static final Form<SizeOf> SIZE_OF = Forms.named(SizeOf.class);
    static final Form<CornerJoint> JOINT = Forms.named(CornerJoint.class);
    static final Form<List<Reinforcement>> REINFORCEMENT = Forms.list(ReinforcementForm.REINFORCEMENT,
            Job.MOST_REINFORCEMENTS);
    private static final Form<Length> SIDE = Forms.length(LengthRange.FRAME);

    /** A job, and the shop that it was planned in. */
    record Planned(Job job, KnownShop shop) {}

    /** What a job file holds. */
    static final Form<Planned> JOB = Form.of("job", f -> new Planned(f.part(Planned::job, JobForm::job),
            f.get("shop", Planned::shop, ShopForm.SHOP, "what there was to do it with when it was planned")));

    /** The job without the shop. */
    static final Form<Job> ALONE = Form.of("job", JobForm::job);

    private JobForm() {}

    /** The schema of job files, as it is published. */
    public static String schema() {
        return JsonText.writeBrief(Schemas.document("Neat Corner job, version 1", JOB, FirstDefaults.all()), WIDE);
    }

    /** All fields of job files, as a table in Markdown. */
    public static String table() {
        return FieldTable.of(JOB, FirstDefaults.all());
    }

    private static Job job(Fields<Job> f) throws BadFile {
        f.must("format", job -> FORMAT, Forms.format(FORMAT), "");
        String title = f.get("title", Job::title, Forms.TEXT, "");
        Order order = new Order(
                f.maybe("due", job -> job.order().due(), Forms.DAY,
                        "on which it is to be ready; left out where none is agreed"),
                f.get("note", job -> job.order().note(), Forms.NOTE, "what was agreed, in the maker's own words"));
        Units units = f.get("units", Job::units, UNITS, "of its lengths");
        int quantity = f.get("quantity", Job::quantity, Forms.whole(1, Job.MOST_FRAMES), "how many equal frames");
        Outline outline = f.get("outline", Job::outline, OutlineForm.OUTLINE, "");
        Measured measured = f.within("size", Need.MUST, "", g -> measured(g, outline.shape()));
        f.rule(in -> sizesAsShape());
        Length clearance = f.get("clearance", Job::clearance, Forms.length(LengthRange.PLAY),
                "play between pack and rabbet wall, per side");
        Hold hold = f.get("hold", Job::hold, hold(clearance), "how it holds what it frames");
        Pack pack = f.get("pack", Job::pack, PackForm.PACK, "layers from the front");
        Section section = f.must("section", Job::section, SectionForm.SECTION, "");
        Corner corner = f.within("corner", Need.USUAL, "", JobForm::corner);
        List<Ring> rings = f.get("rings", Job::rings, RingForm.all(section.wood()),
                "what is set against the frame: a backer, a strainer, a band");
        List<Member> members = f.get("parts", Job::members, MemberForm.all(section.wood(), rings),
                "what else belongs to it: bars, slats, a head, hinges");
        return new Job(title, order, units, quantity, outline, measured.of(), measured.size(), hold, pack,
                new Make(section, corner.joint(), corner.reinforcement()), rings, members,
                f.get("stock", Job::stock, RackForm.RACK, ""),
                f.get("saw", Job::saw, SawForm.SAW, ""), f.part(Job::checks, ChecksForm::checks),
                f.get("glueUp", Job::glueUp, GlueUpForm.GLUE_UP, ""),
                f.get("fitOut", Job::fitOut, FitOutForm.FIT_OUT, "how what it frames is put in"),
                f.get("hanging", Job::hanging, HangingForm.HANGING, ""),
                f.get("looks", Job::looks, LooksForm.LOOKS, "colours, photo, other designs"));
    }

    /** The play in a rabbet stands beside it, where files of the first day have it. */
    private static Form<Hold> hold(Length clearance) {
        Form<Length> play = Forms.length(LengthRange.PLAY);
        Form<Length> reach = Forms.length(LengthRange.BORDER);
        return Form.of("hold", f -> f.choose("kind", "rabbet", List.of(
                Kind.of("rabbet", Hold.InRabbet.class, g -> new Hold.InRabbet(clearance)),
                Kind.of("float", Hold.Floating.class, g -> new Hold.Floating(
                        g.orIn("gap", Hold.Floating::gap, play, Holds::gap, "seen round the art, a side"))),
                Kind.of("panel", Hold.Panel.class, g -> new Hold.Panel(
                        g.orIn("play", Hold.Panel::play, play, Holds::panelPlay, "round the panel, a side"))),
                Kind.of("mirror", Hold.OverMirror.class, g -> new Hold.OverMirror(
                        g.orIn("beyond", Hold.OverMirror::beyond, reach, Holds::beyond,
                                "how far the frame reaches past the mirror, a side"))),
                Kind.of("wrap", Hold.Wrapped.class, g -> new Hold.Wrapped(
                        g.orIn("return", Hold.Wrapped::fold, reach, Holds::fold,
                                "how far the fabric reaches onto the back"))),
                Kind.of("groove", Hold.InGroove.class, g -> new Hold.InGroove(
                        g.must("depth", Hold.InGroove::deep, Forms.length(LengthRange.CUT), "of the groove"),
                        g.or("play", Hold.InGroove::play, play, Length.ZERO, "at its bottom, a side"),
                        g.must("front", Hold.InGroove::front, Forms.length(LengthRange.PLACE),
                                "how far it lies behind the face"))),
                Kind.of("nothing", Hold.Nothing.class, g -> new Hold.Nothing(
                        g.or("play", Hold.Nothing::play, play, Length.ZERO,
                                "of a pair of leaves in their opening, at the stiles, between, above and below")))),
                ""));
    }

    private record Corner(CornerJoint joint, List<Reinforcement> reinforcement) {}

    private static Corner corner(Fields<Job> f) throws BadFile {
        return new Corner(
                f.get("joint", Job::joint, JOINT, "all but the miter are for flat rectangles"),
                f.get("reinforcement", Job::reinforcement, REINFORCEMENT,
                        "what holds each corner besides glue"));
    }

    private record Measured(SizeOf of, Opening size) {}

    /** A regular frame and a circle have a width only; a polygon has its points. */
    private static Measured measured(Fields<Job> f, Shape shape) throws BadFile {
        SizeOf of = f.must("of", Job::sizeOf, SIZE_OF, "what was measured");
        Length width = f.maybe("width", job -> written(job, job.size().width()), SIDE, "needed but for a `polygon`");
        Length height = f.maybe("height", job -> written(job, job.size().height()), SIDE,
                "the vertical side; needed but for `polygon`, `regular` and `circle`");
        return new Measured(of, switch (shape) {
            case Shape.Polygon polygon -> polygon.loop().box();
            case Shape.Regular regular -> square(f, width);
            case Shape.Circle circle -> square(f, width);
            case Shape.Rectangle two -> both(f, width, height);
            case Shape.Arch two -> both(f, width, height);
            case Shape.Ellipse two -> both(f, width, height);
        });
    }

    private static @Nullable Length written(Job job, Length side) {
        return job.outline().shape() instanceof Shape.Polygon ? null : side;
    }

    private static Opening square(Fields<Job> f, @Nullable Length width) throws BadFile {
        Length side = f.there("width", width, SIDE);
        return new Opening(side, side);
    }

    private static Opening both(Fields<Job> f, @Nullable Length width, @Nullable Length height) throws BadFile {
        return new Opening(f.there("width", width, SIDE), f.there("height", height, SIDE));
    }

    private static Json sizesAsShape() {
        return Schemas.all(List.of(
                Schemas.when(outlined(List.of("polygon")), null, Schemas.within("size", Schemas.present("width"))),
                Schemas.when(outlined(List.of("polygon", "regular", "circle")), null,
                        Schemas.within("size", Schemas.present("height")))));
    }

    private static Json outlined(List<String> kinds) {
        return Schemas.all(List.of(Schemas.present("outline"),
                Schemas.within("outline", Schemas.is("kind", kinds))));
    }
}
