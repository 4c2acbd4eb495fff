package neatcorner.desktop.draw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.drawing.Box;

/** Where numbers can stand in a view so that none covers another; all in the view's pixels. */
final class FreePlaces {
    private final double width;
    private final double height;
    private final List<Box> taken = new ArrayList<>();

    FreePlaces(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /**
     * Takes the nearest place in view that is on none that is taken: rather above or below than beside, for a dimension's
     * sake. Where there is none, the one that is wanted.
     */
    Box take(Box wanted) {
        Box found = nearest(wanted);
        taken.add(found);
        return found;
    }

    private Box nearest(Box wanted) {
        Box best = wanted;
        double least = isFree(wanted) ? 0 : Double.MAX_VALUE;
        for (int i = 0; i < taken.size() && least > 0; i++) {
            Box hit = taken.get(i);
            for (Box moved : List.of(moved(wanted, 0, hit.top() - 1 - wanted.bottom()),
                    moved(wanted, 0, hit.bottom() + 1 - wanted.top()),
                    moved(wanted, hit.left() - 1 - wanted.right(), 0),
                    moved(wanted, hit.right() + 1 - wanted.left(), 0))) {
                double far = Math.abs(moved.top() - wanted.top()) + 2 * Math.abs(moved.left() - wanted.left());
                if (far < least && isInView(moved) && isFree(moved)) {
                    best = moved;
                    least = far;
                }
            }
        }
        return best;
    }

    private static Box moved(Box box, double dx, double dy) {
        return new Box(box.left() + dx, box.top() + dy, box.right() + dx, box.bottom() + dy);
    }

    private boolean isFree(Box box) {
        return taken.stream().noneMatch(other -> other.left() < box.right() && box.left() < other.right()
                && other.top() < box.bottom() && box.top() < other.bottom());
    }

    private boolean isInView(Box box) {
        return box.left() >= 1 && box.top() >= 1 && box.right() <= width - 1 && box.bottom() <= height - 1;
    }
}
