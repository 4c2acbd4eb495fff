package neatcorner.station;

import java.util.List;
import neatcorner.drawing.Figure;
import neatcorner.measure.Sentence;
import neatcorner.plan.Field;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.stock.Search;

/** What one station has to say of a plan: its findings, the figures on its slate, the lengths that can be typed at it, its picture. */
public interface Chapter {

    /** Where it is read. */
    Station station();

    /**
     * What the maker should know before wood is cut, in the order in which it is best read among findings of one level.
     *
     * @param plan   of which nothing is said yet
     * @param search remedies are looked for until it is told to stop
     */
    List<Finding> findings(Plan plan, Search search);

    /** The figures that the hands need next. */
    Slate slate(Plan plan);

    /** The lengths of such a plan's job that are typed here; those that are listed at their own things are left out. */
    List<Field> fields(Plan plan);

    /** What to beware of in what is done here, each once, and only where it is done. Screen, bench and paper show this list. */
    List<Sentence> cautions(Plan plan);

    /** The picture that the station opens with. */
    Figure figure(Plan plan);
}
