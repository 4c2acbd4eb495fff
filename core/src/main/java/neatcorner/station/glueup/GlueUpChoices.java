package neatcorner.station.glueup;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.drawing.Tint;
import neatcorner.glueup.GluePlan;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.School;
import neatcorner.glueup.jig.JigDesign;
import neatcorner.measure.Scalar;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;

/**
 * What a frame can be held in, in what order its corners can be glued, and the jigs for it, each with the figure that
 * decides for it.
 *
 * @param holdings all ways to hold it
 * @param schools  all orders
 * @param jigs     those that make sense for it
 */
public record GlueUpChoices(List<Held> holdings, List<Order> schools, List<Jig> jigs) {
    /** Of no frame. */
    public static final GlueUpChoices NONE = new GlueUpChoices(List.of(), List.of(), List.of());

    public GlueUpChoices {
        holdings = List.copyOf(holdings);
        schools = List.copyOf(schools);
        jigs = List.copyOf(jigs);
    }

    /** A jig to make for it. */
    public record Jig(JigDesign.Kind kind, Sentence figure, Figure picture) {}

    /** A way to hold it. */
    public record Held(Holding holding, Sentence figure, boolean possible, Figure picture) {}

    /** An order of the corners. */
    public record Order(School school, Sentence figure, boolean possible, Figure picture) {}

    /** For the frame of a plan; empty when there is none. */
    public static GlueUpChoices of(Plan plan) {
        GlueUpWork work = GlueUpWork.of(plan);
        if (work == null) {
            return NONE;
        }
        GlueUp now = plan.job().glueUp();
        List<Held> holdings = new ArrayList<>();
        for (Holding each : Holding.values()) {
            GluePlan glue = GluePlan.of(work.frame(), now.withHolding(each), plan.shop().holders());
            boolean enough = each == Holding.PINS || glue.clamps() <= glue.there();
            holdings.add(new Held(each, GlueUpWords.needs(each, glue, work), enough, GlueUpFigure.sketch(plan, glue)));
        }
        List<Order> schools = new ArrayList<>();
        for (School each : School.values()) {
            double takes = work.minutes(each);
            schools.add(new Order(each,
                    Sentence.of(GlueUpTexts.TAKES_AND_OPEN, new Scalar(takes, "", 1),
                            new Scalar(work.glue().opens(), "min", 1)),
                    takes <= work.glue().opens(), GlueUpPictures.school(each, Tint.wood(plan.job().section().wood()))));
        }
        List<Jig> jigs = JigWork.kinds(plan).stream().map(kind -> {
            JigDesign design = JigWork.design(plan, kind);
            int parts = design.parts().stream().mapToInt(JigDesign.Part::count).sum();
            return new Jig(kind, Sentence.of(GlueUpTexts.PARTS, Scalar.count(parts)), JigFigure.of(design).bare());
        }).toList();
        return new GlueUpChoices(holdings, schools, jigs);
    }
}
