package neatcorner.desktop.station.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neatcorner.desktop.control.BuiltFrom;
import neatcorner.desktop.control.Controls;
import neatcorner.desktop.control.LengthBox;
import neatcorner.desktop.control.TypedNumber;
import neatcorner.desktop.desk.Workbench;
import neatcorner.fitout.Screws;
import neatcorner.fitout.SizeOf;
import neatcorner.fitout.Spacing;
import neatcorner.job.Addition;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.member.Member;
import neatcorner.member.MemberKind;
import neatcorner.piece.CornerJoint;
import neatcorner.plan.Field;
import neatcorner.plan.Plan;
import neatcorner.station.opening.MemberFields;
import neatcorner.station.opening.MemberNumber;
import neatcorner.station.opening.RingFields;
import org.jspecify.annotations.Nullable;

/** Rings and parts of a frame by their names; the one that is picked with its sizes, and what can be added. */
final class BuiltOf extends VBox {
    private static final List<SizeOf> EDGES = List.of(SizeOf.SIGHT, SizeOf.RABBET, SizeOf.OUTSIDE);

    private final Workbench bench;
    private final FlowPane names = new FlowPane(6, 6);
    private final VBox own = new VBox();
    private final MenuButton add = new MenuButton();
    private final BuiltFrom built = new BuiltFrom();
    private List<LengthBox> boxes = List.of();
    private String picked = "";

    BuiltOf(Workbench bench) {
        this.bench = bench;
        setId("built-of");
        setSpacing(10);
        names.setId("built-names");
        names.setPrefWrapLength(380);
        own.setSpacing(6);
        add.setId("built-add");
        getChildren().addAll(names, own, add);
    }

    /** Picks the ring or part of that name. */
    void pick(String name) {
        picked = name;
    }

    /** The ring or part that has such a length; null where none has. */
    @Nullable
    String owner(Field field) {
        Job job = bench.job();
        return Stream.concat(
                job.rings().stream().filter(ring -> RingFields.of(ring).contains(field)).map(Ring::name),
                job.members().stream().filter(member -> MemberFields.of(member).contains(field)).map(Member::name))
                .findFirst().orElse(null);
    }

    void show(Plan plan, Notation notation) {
        Job job = plan.job();
        List<String> all = Stream.concat(job.rings().stream().map(Ring::name),
                job.members().stream().map(Member::name)).toList();
        if (!all.contains(picked)) {
            picked = all.isEmpty() ? "" : all.getLast();
        }
        Ring ring = job.ring(picked);
        Member member = job.member(picked);
        if (built.changed(all, picked, notation, ring == null ? "" : ring.withSection(job.section()),
                member == null ? "" : member.kind(), job.joint())) {
            build(all, job, notation);
        }
        boxes.forEach(box -> box.show(plan, notation));
    }

    private void build(List<String> all, Job job, Notation notation) {
        names.getChildren().setAll(all.stream().map(name -> name(name, notation)).toList());
        List<Node> controls = new ArrayList<>();
        List<Field> fields = List.of();
        Ring ring = job.ring(picked);
        Member member = job.member(picked);
        if (ring != null) {
            fields = RingFields.of(ring);
            controls.addAll(ofRing(ring, job, notation));
        } else if (member != null) {
            fields = MemberFields.of(member);
            controls.addAll(ofMember(member, notation));
        }
        boxes = fields.stream().map(field -> new LengthBox(bench, field, MemberFields.brief(field, picked))).toList();
        own.getChildren().setAll(boxes);
        own.getChildren().addAll(controls);
        if (all.isEmpty()) {
            Label none = new Label(OpeningTexts.NOTHING_BESIDES);
            none.setWrapText(true);
            own.getChildren().setAll(none);
        }
        add.setText(OpeningTexts.ADD_TO_IT);
        add.getItems().setAll(Stream.of(Addition.values()).map(each -> {
            MenuItem item = new MenuItem(notation.words(Sentence.capital(each.title())));
            item.setId("add-" + each.word());
            item.setDisable(!each.hasRoom(job));
            item.setOnAction(e -> {
                picked = "";
                bench.change(OpeningTexts.CHANGE_ADD, each::to);
            });
            return item;
        }).toList());
    }

    private ToggleButton name(String name, Notation notation) {
        ToggleButton chip = new ToggleButton(name);
        chip.setMnemonicParsing(false);
        chip.setId("built-" + name.replace(' ', '-'));
        chip.getStyleClass().add("chip");
        chip.setSelected(name.equals(picked));
        chip.setOnAction(e -> {
            picked = name;
            show(bench.plan().get(), notation);
        });
        return chip;
    }

    private List<Node> ofRing(Ring ring, Job job, Notation notation) {
        List<Node> controls = new ArrayList<>();
        String name = ring.name();
        controls.add(Controls.captioned(OpeningTexts.ITS_EDGE, edges("ring-as", ring.place().as(), notation,
                edge -> changeRing(name, now -> now.withAs(edge)))));
        controls.add(Controls.captioned(OpeningTexts.AT_EDGE, edges("ring-edge", ring.place().edge(), notation,
                edge -> changeRing(name, now -> now.withEdge(edge)))));
        if (job.outline().isRectangle()) {
            MenuButton joints = new MenuButton(notation.words(Sentence.capital(ring.joint().title())));
            joints.setId("ring-joint");
            for (CornerJoint joint : CornerJoint.values()) {
                MenuItem item = new MenuItem(notation.words(Sentence.capital(joint.title())));
                item.setId(Controls.id("ring-joint-", joint));
                item.setOnAction(e -> bench.change(OpeningTexts.CHANGE_RING_JOINT,
                        j -> j.withRing(name, each -> each.withJoint(joint))));
                joints.getItems().add(item);
            }
            controls.add(Controls.captioned(OpeningTexts.ITS_CORNERS, joints));
        }
        CheckBox screws = new CheckBox(OpeningTexts.SCREWED);
        screws.setId("ring-screwed");
        screws.setSelected(ring.screws() != null);
        screws.setOnAction(e -> {
            boolean now = screws.isSelected();
            bench.change(OpeningTexts.CHANGE_RING_SCREWS, j -> j.withRing(name, each -> each.withScrews(now
                    ? new Screws(j.units().either(20, 3.0 / 4), Spacing.screws(j.units()))
                    : null)));
        });
        controls.add(screws);
        controls.add(remove(without -> without.withRings(without.rings().stream()
                .filter(each -> !each.name().equals(name)).toList())));
        return controls;
    }

    private void changeRing(String name, UnaryOperator<Ring.Place> change) {
        bench.change(OpeningTexts.CHANGE_RING_PLACE,
                job -> job.withRing(name, each -> each.withPlace(change.apply(each.place()))));
    }

    private static MenuButton edges(String id, SizeOf now, Notation notation,
            Consumer<SizeOf> taken) {
        MenuButton menu = new MenuButton(notation.words(OpeningTexts.EDGES.get(EDGES.indexOf(now))));
        menu.setId(id);
        for (SizeOf edge : EDGES) {
            MenuItem item = new MenuItem(notation.words(OpeningTexts.EDGES.get(EDGES.indexOf(edge))));
            item.setId(id + "-" + edge.name().toLowerCase(Locale.ROOT));
            item.setOnAction(e -> taken.accept(edge));
            menu.getItems().add(item);
        }
        return menu;
    }

    private List<Node> ofMember(Member member, Notation notation) {
        List<Node> controls = new ArrayList<>();
        String name = member.name();
        MemberNumber.of(member.kind()).ifPresent(number -> {
            Spinner<Double> spinner = TypedNumber.decimal("part-" + number.id(), number.title(), number.least(),
                    number.most(), number.step(), bench::say);
            spinner.getValueFactory().setValue(number.now());
            spinner.valueProperty().subscribe((old, now) -> {
                if (now != null && now != number.now()) {
                    bench.change(number.title(),
                            job -> job.withMember(name, each -> each.withKind(number.set().apply(each.kind(), now))));
                }
            });
            controls.add(Controls.captioned(notation.words(number.title()), spinner));
        });
        if (member.kind() instanceof MemberKind.Bar bar) {
            CheckBox upright = new CheckBox(OpeningTexts.UPRIGHT);
            upright.setId("part-upright");
            upright.setSelected(bar.upright());
            upright.setOnAction(e -> bench.change(OpeningTexts.UPRIGHT,
                    job -> job.withMember(name, each -> each.kind() instanceof MemberKind.Bar now
                            ? each.withKind(now.withUpright(upright.isSelected()))
                            : each)));
            controls.add(upright);
        }
        controls.add(remove(job -> job.withMembers(job.members().stream()
                .filter(each -> !each.name().equals(name)).toList())));
        return controls;
    }

    private Button remove(UnaryOperator<Job> without) {
        Button remove = Controls.chip(OpeningTexts.LEAVE_IT_OUT,
                () -> bench.change(OpeningTexts.LEAVE_IT_OUT, without));
        remove.setId("built-remove");
        return remove;
    }
}
