package neatcorner.exchange.job;

import neatcorner.exchange.BadFile;
import neatcorner.exchange.form.Fields;
import neatcorner.exchange.form.Form;
import neatcorner.exchange.form.Forms;
import neatcorner.job.Design;
import neatcorner.job.Looks;
import neatcorner.job.Shade;

/** What is seen of a job and not measured. */
final class LooksForm {
    private static final Form<Shade> SHADE = Forms.matching("a colour as #1f5f7a", "^#[0-9a-fA-F]{6}$",
            Looks.USUAL.wall(), Shade::read);
    /** A file beside the job's, and no path: a job that is sent on must not reach for other files. */
    private static final Form<String> PHOTO = Forms.matching("the name of a file beside this one",
            "^[^/\\\\:.][^/\\\\:]{0,120}$", "art.jpg", Forms::itself);
    private static final Form<Design> DESIGN = Form.of("design", LooksForm::design);

    static final Form<Looks> LOOKS = Form.of("looks", LooksForm::looks);

    private LooksForm() {}

    private static Looks looks(Fields<Looks> f) throws BadFile {
        return new Looks(f.maybe("photo", Looks::photo, PHOTO, "of the art; left out where there is none"),
                f.get("wall", Looks::wall, SHADE, "on which it is shown"),
                f.get("stain", Looks::stain, SHADE, "of a finish that has a colour"),
                f.get("mat", Looks::mat, SHADE, "of the mat board"),
                f.get("core", Looks::core, SHADE, "of the mat where its window is cut"),
                f.get("others", Looks::others, Forms.list(DESIGN, Looks.MOST_OTHERS), "to be seen beside it"));
    }

    private static Design design(Fields<Design> f) throws BadFile {
        return new Design(f.must("wood", Design::wood, SectionForm.WOOD, ""),
                f.must("finish", Design::finish, GlueUpForm.FINISH, ""),
                f.must("stain", Design::stain, SHADE, ""), f.must("mat", Design::mat, SHADE, ""),
                f.must("core", Design::core, SHADE, ""));
    }
}
