package neatcorner.saw.measured;

/**
 * How two mitred ends lie against each other, in millimetres.
 *
 * @param heel opening at the outside of the corner; negative where wood would have to give way
 * @param toe  opening at the inside
 * @param step of the second piece along the joint, inwards
 */
public record Joint(double heel, double toe, double step) {

    /** The joint pressed until it touches at least at one end. */
    public Joint touching() {
        double least = Math.min(heel, toe);
        return least < 0 ? new Joint(heel - least, toe - least, step) : this;
    }

    /** The widest opening that is left when it is pressed to touch. */
    public double gap() {
        Joint touching = touching();
        return Math.max(touching.heel, touching.toe);
    }

    /** By how much the second piece is turned against the first, radians, when the faces touch over so much. */
    double turn(double contact) {
        return (heel - toe) / contact;
    }

    /** Whether it is open at the inside, so that its miters are too small. */
    public boolean opensAtToe() {
        return toe > heel;
    }
}
