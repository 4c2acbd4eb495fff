package neatcorner.job;

import java.util.List;
import neatcorner.fitout.FitOut;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Material;
import neatcorner.fitout.Pack;
import neatcorner.fitout.SizeOf;
import neatcorner.glueup.GlueUp;
import neatcorner.hanging.Hanging;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Faces;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.saw.measured.Checks;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.stock.Keep;
import neatcorner.stock.Rack;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;

/** Jobs for tests. */

public final class Jobs {
    /** A usual small shop, in which jobs are planned when nothing else is said. */
    public static final Shop SHOP = Shop.usual(Units.MILLIMETRES);

    private Jobs() {}

    /** An A2 chart behind glass and mat, in ash 30 × 20 with a 6 × 12 rabbet, six sticks of 2.4 m on the rack. */
    public static Job chart() {
        Layer.Mat mat = new Layer.Mat(Length.mm(1.4), Length.mm(3),
                new Faces(Length.mm(50), Length.mm(50), Length.mm(60), Length.mm(50)));
        Pack pack = new Pack(
                List.of(new Layer.Glazing(Material.GLASS, Length.mm(2)), mat, new Layer.Art(Length.mm(0.3)),
                        new Layer.Backing(Material.HARDBOARD, Length.mm(3))));
        Section section = new Section(Species.named("white ash"), Length.mm(30), Length.mm(20),
                Rabbet.plain(Length.mm(6), Length.mm(12)));
        Rack rack = new Rack(List.of(new Stick("ash 2.4 m", Length.mm(2400), 6, 18.5, List.of())), Length.mm(10),
                Keep.WISH, false);
        return new Job("Chart", Order.NONE, Units.MILLIMETRES, 1, Outline.rectangle(), SizeOf.ART,
                new Opening(Length.mm(594), Length.mm(420)),
                new Hold.InRabbet(Length.mm(1.5)), pack, Make.mitred(section), List.of(), List.of(), rack,
                Defaults.saw(Units.MILLIMETRES),
                Checks.none(),
                GlueUp.usual(), FitOut.usual(Units.MILLIMETRES), Hanging.usual(Units.MILLIMETRES), Looks.USUAL);
    }

    public static Job withRabbet(double width, double depth) {
        Section section = chart().section();
        return chart().withSection(section.withRabbet(Rabbet.plain(Length.mm(width), Length.mm(depth))));
    }

    /** With one board wide enough for the segments of a curve added to the rack. */
    public static Job withABoard(Job job) {
        return job.withStock(job.stock().plusStick(
                new Stick("board", Length.mm(2400), 2, null, List.of(), Length.mm(150), null)));
    }

    public static Job withSticks(Stick... sticks) {
        return chart().withStock(chart().stock().withSticks(List.of(sticks)));
    }
}
