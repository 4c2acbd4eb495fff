package neatcorner.outline;

import neatcorner.measure.Length;

/** The size of a rectangle: an opening, a sheet, or the outside of a frame. Height is the vertical side. */
public record Opening(Length width, Length height) {

    /** Larger by so much at each side; smaller when it is negative. */
    public Opening grown(Length perSide) {
        return new Opening(width.plus(perSide.times(2)), height.plus(perSide.times(2)));
    }

    public Opening grown(Faces faces) {
        return new Opening(width.plus(faces.across()), height.plus(faces.down()));
    }

    public Opening shrunk(Faces faces) {
        return new Opening(width.minus(faces.across()), height.minus(faces.down()));
    }

    public boolean isPositive() {
        return width.isPositive() && height.isPositive();
    }

    public double areaM2() {
        return width.toMm() * height.toMm() * 1e-6;
    }

    public Opening scaled(double factor) {
        return new Opening(width.scaled(factor), height.scaled(factor));
    }

    public Opening turned() {
        return new Opening(/* width= */ height, /* height= */ width);
    }

    /** True when the other lies inside this one or is equal to it. */
    public boolean holds(Opening other) {
        return !other.width.isMoreThan(width) && !other.height.isMoreThan(height);
    }
}
