package neatcorner.outline;

import neatcorner.measure.Length;

/** The size of a rectangle: an opening, a sheet, or the outside of a frame. Height is the vertical side. */
public record Opening(Length width, Length height) {

    /** Larger by so much at each side; smaller when it is negative. */
    public Opening grown(Length perSide) {
        return new Opening(width.plus(perSide.times(2)), height.plus(perSide.times(2)));
    }

    /** Larger by a width at each side. */
    public Opening grown(Faces faces) {
        return new Opening(width.plus(faces.across()), height.plus(faces.down()));
    }

    /** Smaller by a width at each side. */
    public Opening shrunk(Faces faces) {
        return new Opening(width.minus(faces.across()), height.minus(faces.down()));
    }

    /** Whether both its sides are more than zero. */
    public boolean isPositive() {
        return width.isPositive() && height.isPositive();
    }

    /** Square metres. */
    public double areaM2() {
        return width.toMm() * height.toMm() * 1e-6;
    }

    /** Both sides by a factor, each to the nearest unit of length. */
    public Opening scaled(double factor) {
        return new Opening(width.scaled(factor), height.scaled(factor));
    }

    /** With width and height exchanged. */
    public Opening turned() {
        return new Opening(/* width= */ height, /* height= */ width);
    }

    /** True when the other lies inside this one or is equal to it. */
    public boolean holds(Opening other) {
        return !other.width.isMoreThan(width) && !other.height.isMoreThan(height);
    }
}
