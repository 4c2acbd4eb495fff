package neatcorner.exchange.job;

import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.glueup.Glue;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Holding;
import neatcorner.glueup.Recipe;
import neatcorner.glueup.School;
import neatcorner.glueup.SqueezeOut;

/** How a frame is glued and finished. */
public final class GlueUpForm {
    /** What the schools of gluing are called in files. */
    public static final Form<School> SCHOOL = Forms.named(School.class);
    /** What the ways to press a frame together are called in files. */
    public static final Form<Holding> HOLDING = Forms.named(Holding.class);

    private static final Form<Glue> GLUE = Forms.named(Glue.KNOWN, Glue::name);
    static final Form<Recipe> FINISH = Forms.named(Recipe.KNOWN, Recipe::name);
    private static final Form<SqueezeOut> SQUEEZE_OUT = Forms.named(SqueezeOut.class);
    private static final Form<Double> TEMPERATURE = Forms.number(-40, 60, "a room's temperature, −40 to 60 °C");

    static final Form<GlueUp> GLUE_UP = Form.of("glue-up",
            f -> new GlueUp(f.get("glue", GlueUp::glue, GLUE, ""),
                    f.get("temperature", GlueUp::temperature, TEMPERATURE, "of the room, °C"),
                    f.get("outdoors", GlueUp::outdoors, Forms.FLAG, "it will hang in the weather"),
                    f.maybe("school", GlueUp::school, SCHOOL, "without it, as the glue allows"),
                    f.get("squeezeOut", GlueUp::squeezeOut, SQUEEZE_OUT, ""),
                    f.maybe("holding", GlueUp::holding, HOLDING,
                            "without it, the best that the shop has and that fits"),
                    f.get("finish", GlueUp::finish, FINISH, "")));

    private GlueUpForm() {}
}
