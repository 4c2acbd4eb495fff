package neatcorner.exchange.job;

import java.util.List;
import java.util.Locale;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Description;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.exchange.form.Schemas;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.json.Node;
import neatcorner.hanging.Depth;
import neatcorner.hanging.HangBy;
import neatcorner.hanging.Hanging;
import neatcorner.hanging.OnWall;
import neatcorner.hanging.WallKind;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.measure.Mass;
import neatcorner.measure.Units;

/** How a frame hangs, and on what. */
final class HangingForm {
    private static final double MOST_KILOGRAMS = 10_000;
    private static final Form<HangBy> BY = Forms.named(List.of(HangBy.values()), by -> switch (by) {
        case WIRE -> "wire";
        case SAWTOOTH -> "sawtooth";
        case D_RINGS -> "d-rings";
        case CLEAT -> "cleat";
        case STRIPS -> "strips";
        case EASEL -> "easel";
        case KEYHOLES -> "keyholes";
        case SCREWS -> "screws";
    });
    private static final Form<WallKind> WALL = Forms.named(List.of(WallKind.values()),
            wall -> wall.name().toLowerCase(Locale.ROOT));
    private static final Form<Length> ON_WALL = Forms.length(LengthRange.ALLOWANCE);
    private static final Form<Mass> RATING = Forms.number(0, MOST_KILOGRAMS, "kilograms, zero or more")
            .as((value, at) -> new Mass(value), Mass::kilograms, Mass.ZERO);

    private static final Form<Length> FRAME = Forms.length(LengthRange.FRAME);
    private static final Form<OnWall.Studs> STUDS = Form.of("studs", f -> new OnWall.Studs(
            f.must("first", OnWall.Studs::first, ON_WALL, "its middle, from the left corner of the wall"),
            f.must("apart", OnWall.Studs::apart, ON_WALL, "from middle to middle")));
    private static final Form<OnWall.HungBy> HUNG_BY = Form.of("hook", f -> new OnWall.HungBy(
            f.must("right", OnWall.HungBy::right, Forms.length(LengthRange.POINT), "of the frame's middle"),
            f.must("down", OnWall.HungBy::down, Forms.length(LengthRange.POINT), "below its top edge")));
    private static final Form<OnWall.Other> OTHER = Form.of("other frame", f -> new OnWall.Other(
            f.must("name", OnWall.Other::name, Forms.TEXT, "what its maker calls it"),
            f.or("job", OnWall.Other::job, Forms.NOTE, "", "file of its job in the shop"),
            f.must("width", OnWall.Other::width, FRAME, "outside"),
            f.must("height", OnWall.Other::height, FRAME, "outside"),
            f.must("from", OnWall.Other::from, ON_WALL, "of its middle from the left corner of the wall"),
            f.must("centre", OnWall.Other::centre, ON_WALL, "of its middle above the floor"),
            f.or("hooks", OnWall.Other::hooks, Forms.list(HUNG_BY, OnWall.MOST_HOOKS), List.of(),
                    "that it hangs on")));
    private static final Form<OnWall> ON_WALL_WITH_OTHERS = Form.of("frames on a wall", f -> new OnWall(
            f.must("width", OnWall::width, FRAME, "of the wall"),
            f.must("from", OnWall::from, ON_WALL, "of the frame's own middle from the left corner of the wall"),
            f.orIn("gap", OnWall::gap, ON_WALL, in -> in.either(60, 2.5), "wished between frames"),
            f.maybe("studs", OnWall::studs, STUDS, "behind the wall; left out where nobody knows"),
            f.or("others", OnWall::others, Forms.list(OTHER, OnWall.MOST_OTHERS), List.of(),
                    "that hang there, too, as they were when they were put there")));

    static final Form<Hanging> HANGING = Form.of("hanging", HangingForm::hanging);

    private HangingForm() {}

    private static Hanging hanging(Fields<Hanging> f) throws BadFile {
        return new Hanging(f.get("by", Hanging::by, BY, ""),
                f.get("rings", Hanging::rings, new RingDepth(),
                        "how far down they are: a share of the outside height below 1, or a length"),
                f.maybe("angle", Hanging::angle, Forms.angle(5, 80, "an angle from 5 to 80 degrees"),
                        "of the wire from horizontal; left out for 30, or as flat as hides the hook"),
                f.get("hooks", Hanging::hooks, Forms.whole(1, Hanging.MOST_HOOKS), "that it hangs on"),
                f.get("apart", Hanging::apart, ON_WALL, "from hook to hook"),
                f.get("centre", Hanging::centre, ON_WALL, "of the frame above the floor"),
                f.get("wall", Hanging::wall, WALL, "what the hooks are fixed to"),
                f.get("rating", Hanging::rating, RATING, "of one fixing by its label, in kg; 0 where it is not known"),
                f.or("hardware", Hanging::hardware, RATING, Mass.ZERO,
                        "of the wire, each ring or plate on the frame by its label, in kg; 0 where it is not known"),
                f.get("ceiling", Hanging::ceiling, ON_WALL, "height of the wall"),
                f.maybe("furniture", Hanging::furniture, ON_WALL,
                        "height of what stands below; left out where nothing does"),
                f.get("sleepers", Hanging::sleepers, Forms.FLAG, "whether people sleep or sit below it"),
                f.maybe("onWall", Hanging::onWall, ON_WALL_WITH_OTHERS,
                        "where on its wall it hangs, and what else does"));
    }

    /** A number below 1 is a share; all else is a length. */
    private static final class RingDepth implements Form<Depth> {
        private static final Form<Length> LENGTH = Forms.length(LengthRange.ALLOWANCE);
        private static final Form<Double> SHARE = Forms.number(0, 1, "a share from 0 to 1");

        @Override
        public Depth read(Node node, Units units) throws BadFile {
            return node.json() instanceof Json.Num number && number.value() < 1
                    ? new Depth.Share(SHARE.read(node, units))
                    : new Depth.Fixed(LENGTH.read(node, units));
        }

        @Override
        public Json write(Depth depth, Units units) {
            return switch (depth) {
                case Depth.Share share -> SHARE.write(share.of(), units);
                case Depth.Fixed fixed -> LENGTH.write(fixed.down(), units) instanceof Json.Num number
                        && number.value() < 1
                                ? Json.of(number.value() + " " + units.symbol())
                                : LENGTH.write(fixed.down(), units);
            };
        }

        @Override
        public Description description() {
            return new Description.Value("a share below 1, or a length",
                    in -> Json.object().with("anyOf", Json.of(List.of(Schemas.of(SHARE, in), Schemas.of(LENGTH, in))))
                            .end());
        }

        @Override
        public Depth sample() {
            return new Depth.Share(0.3);
        }
    }
}
