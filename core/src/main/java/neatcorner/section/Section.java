package neatcorner.section;

import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.wood.Species;

/**
 * The shape of a stick cut square across: a rectangular blank with a rabbet.
 *
 * @param width     face width, sight edge to outer edge
 * @param thickness front to back
 */
public record Section(Species wood, Length width, Length thickness, Rabbet rabbet) {

    public Section withWood(Species newWood) {
        return new Section(newWood, width, thickness, rabbet);
    }

    public Section withWidth(Length newWidth) {
        return new Section(wood, newWidth, thickness, rabbet);
    }

    public Section withThickness(Length newThickness) {
        return new Section(wood, width, newThickness, rabbet);
    }

    public Section withRabbet(Rabbet newRabbet) {
        return new Section(wood, width, thickness, newRabbet);
    }

    /** Thickness of what is left in front of the rabbet; zero or negative when the rabbet goes through. */
    public Length lip() {
        return thickness.minus(rabbet.depth());
    }

    /** Width of what is left outside the rabbet; zero or negative when the rabbet takes it all. */
    public Length wall() {
        return width.minus(rabbet.widest());
    }

    /** True when there is wood all round: positive sizes, a lip and a wall, and a step that is wider and shallower. */
    public boolean isSound() {
        Rabbet.Step step = rabbet.step();
        boolean stepped = step == null || (step.width().isMoreThan(rabbet.width())
                && step.depth().isLessThan(rabbet.depth()) && step.depth().isPositive());
        return width.isPositive() && thickness.isPositive() && rabbet.width().isPositive()
                && rabbet.depth().isPositive() && lip().isPositive() && wall().isPositive() && stepped;
    }

    /** Area of wood in mm² of a stick of this section but another face width (sides may differ). */
    public double areaMm2(Length faceWidth) {
        double blank = faceWidth.toMm() * thickness.toMm();
        double cut = rabbet.width().toMm() * rabbet.depth().toMm();
        Rabbet.Step step = rabbet.step();
        double stepCut = step == null ? 0 : step.width().minus(rabbet.width()).toMm() * step.depth().toMm();
        return Math.max(0, blank - cut - stepCut);
    }

    /** Distance of the centroid from the sight edge, in mm. */
    public double centroidXMm() {
        double area = areaMm2(width);
        double w = width.toMm();
        double moment = w * thickness.toMm() * w / 2;
        double rw = rabbet.width().toMm();
        moment -= rw * rabbet.depth().toMm() * rw / 2;
        Rabbet.Step step = rabbet.step();
        if (step != null) {
            double sw = step.width().toMm();
            moment -= (sw - rw) * step.depth().toMm() * (sw + rw) / 2;
        }
        return moment / area;
    }

    /** Mass of one metre of stick. */
    public Mass perMetre() {
        return new Mass(areaMm2(width) * 1e-6 * wood.density());
    }
}
