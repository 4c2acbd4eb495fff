package neatcorner.exchange.station;

import java.io.IOException;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.stock.Search;

/** What one station gives to files. */
public interface StationFiles {

    /** Parts of the paper, in the order in which a frame is made: those up to the saw are on the front. */
    enum Moment {
        /** The frame with its sizes, and the stick's end. */
        FRAME,
        /** The pieces. */
        CUT_LIST,
        /** From rough lumber to sticks. */
        BOARDS,
        /** From sticks to mouldings. */
        MILLING,
        /** Each stick cut apart. */
        FIRST_CUTS,
        /** Each piece cut to length, setting by setting. */
        FINAL_CUTS,
        /** Each kind of corner, drilled, slotted and put together. */
        CORNERS,
        /** Clamps, glue and finish. */
        GLUE_UP,
        /** What goes in from behind, step by step. */
        FIT_OUT,
        /** Hooks, wire, what they carry. */
        HANGING,
        /** What glass, mat and backing are cut to. */
        PACK,
        /** The sheets that they are cut from. */
        SHEETS,
        /** What to mind before the saw starts. */
        CAUTIONS,
        /** At full size, on a paper of its own. */
        FULL_SIZE
    }

    /** How a plan is told. A search that is told to stop gives its best so far. */
    record Telling(Notation notation, Search search) {}

    Station station();

    /** Adds what it says about a plan to the plan's JSON: lengths in mm, angles in degrees, masses in kg. */
    void json(Plan plan, Telling telling, Json.Fields root);

    /** Writes its part for one moment of the work; most stations have something to say at a few of them. */
    void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException;
}
