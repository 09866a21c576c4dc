package firmperch.part.upright;

import static firmperch.units.Quantity.LENGTH;

import firmperch.body.Body;
import firmperch.body.Builder;
import firmperch.body.Fastening;
import firmperch.body.Hold;
import firmperch.body.Hole;
import firmperch.body.Piece;
import firmperch.body.Placement;
import firmperch.body.Port;
import firmperch.body.Solid;
import firmperch.body.Station;
import firmperch.body.Supply;
import firmperch.body.Vec3;
import firmperch.param.Params;
import firmperch.part.Part;
import firmperch.stock.Fitting;
import firmperch.stock.HexBolt;
import firmperch.stock.Material;
import firmperch.stock.PostStock;
import firmperch.stock.Section;
import firmperch.units.Quantity;
import firmperch.units.Require;
import firmperch.units.UnitSystem;
import java.util.List;

/**
 * A tube with a row of cross holes, cast into a box or screwed to its floor; what it carries rests on a pin through one of
 * them. Lengths in m.
 *
 * @param length from the box floor to the top
 * @param anchors cross-bars through the foot, so that it cannot turn in the concrete
 */
public record PinnedPost(PostStock stock, double length, PinRow row, int anchors) implements Part {
    public static final Params<PinnedPost> PARAMS = Params.of(PinnedPost.class)
            .choice("stock", "Post of", PostStock.ALL)
            .varied().length("length", "Length of the post", 0.2, 4).varied(0.05)
            .group("row", "Pin holes", PinRow.PARAMS).whole("anchors", "Cross-bars in the foot", 0, 6).done();

    private static final double ROD = 0.008;
    private static final int FOOT_SCREWS = 4;
    /** A cast floor flange with its screws, kg: common practice, no source. */
    private static final double FLANGE = 0.6;
    private static final double FOOT_SCREW = 0.005;

    public PinnedPost {
        PARAMS.check(stock, length, row, anchors);
        Require.that(row.pin() < stock.section().depth() / 2, "Pin", row.pin(), LENGTH,
                "less than half the post, " + LENGTH.show(stock.section().depth() / 2, UnitSystem.METRIC));
        double highest = row.height(row.count() - 1);
        Require.that(highest <= length - 2 * row.pin(), "Pin holes", row.count(), Quantity.COUNT,
                "so few that the highest hole, at " + LENGTH.show(highest, UnitSystem.METRIC)
                        + ", lies in the post of " + LENGTH.show(length, UnitSystem.METRIC));
    }

    @Override
    public Params<PinnedPost> params() {
        return PARAMS;
    }

    @Override
    public void build(Builder out, List<Port> on) {
        Port foot = on.getFirst();
        Port.Hollow hollow = foot.fitting("Post", Port.Hollow.class, "a box to stand it in");
        Require.that(row.first() >= hollow.depth(), "Foot to the lowest hole", row.first(), LENGTH,
                "at least the inner height of the box, " + LENGTH.show(hollow.depth(), UnitSystem.METRIC)
                        + ", so that every hole stays above it");
        Body body = foot.body();
        double cast = Math.min(hollow.filled(), length);
        Station station = out.station("", capital(stock.label()), body, foot.at().point(new Vec3(0, 0, cast)),
                foot.station());
        Piece post = out.add(body, post(out, foot, cast));
        if (cast > 0) {
            out.stands(foot, envelope(cast), foot.at());
            crossBars(out, foot, hollow, cast);
            out.fasten("foot", "post in the concrete", post, body, 0, cast,
                    new Fastening.Grip.Cast(hollow.filling()));
        } else {
            double ring = stock.section().depth() + 0.04;
            out.fit(body, foot.at().origin(), 1, new Fitting("Floor flange for " + stock.label(), FLANGE, 6),
                    "foot of the post");
            out.fasten("foot", "post on the box floor", post, body, 0, 0, new Fastening.Grip.Screws(FOOT_SCREWS, ring,
                    FOOT_SCREW, hollow.floorThickness(), hollow.floor()));
        }
        out.back(station);
        Hold.Pin pin = new Hold.Pin(row.pin(), stock.section().wall(), stock.material());
        out.offer("round", new Port.Post(stock.section(), row.heights(), length - row.first(), pin), body, foot.at(),
                post);
        out.measure("length", body, foot.at().origin(), body, foot.at().point(new Vec3(0, 0, length)));
        out.measure("row.first", body, foot.at().origin(), body, foot.at().point(new Vec3(0, 0, row.first())));
        making(out, hollow);
    }

    private Piece post(Builder out, Port foot, double cast) {
        List<Hole> holes = row.heights().stream().map(h -> new Hole(new Vec3(h, -stock.section().depth() / 2, 0),
                Vec3.Y, row.pin() + 0.0005, "pin")).toList();
        return Piece.cut("Post", new Solid.Bar(stock.section(), length), stock.material())
                .from(new Supply.Cut(stock.pricePerMetre(), anchorNote(out, cast)))
                .at(Placement.along(foot.at().origin(), Vec3.UP, Vec3.X.negated())).drilled(holes);
    }

    private String anchorNote(Builder out, double cast) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < anchors; i++) {
            text.append(i == 0
                    ? "cross-bars Ø " + out.length(ROD + 0.0005) + " at "
                    : i == 1
                            ? " and, square to it, "
                            : ", ")
                    .append(out.length(anchorHeight(i, cast)));
        }
        return text.toString();
    }

    private double anchorHeight(int i, double cast) {
        return Math.max(0.02, cast) * (i + 1) / (anchors + 1);
    }

    /** What the post displaces: tubes stand open, concrete does not fill them. */
    private Solid envelope(double cast) {
        double d = stock.section().depth();
        return stock.section() instanceof Section.RoundTube
                ? Solid.Round.cylinder(d, 0, cast)
                : new Solid.Bar(new Section.Rectangle(d, d), cast);
    }

    private void crossBars(Builder out, Port foot, Port.Hollow hollow, double cast) {
        double rod = Math.max(0.06, hollow.width() - 0.06);
        for (int i = 0; i < anchors; i++) {
            Vec3 along = i % 2 == 0 ? Vec3.X : Vec3.Y;
            Vec3 start = new Vec3(0, 0, anchorHeight(i, cast)).minus(along.times(rod / 2));
            out.add(foot.body(), Piece.cut("Cross-bar", Solid.Round.cylinder(ROD, 0, rod),
                    Material.ALL.get("steel-s235"))
                    .from(new Supply.Cut(1.6, "threaded rod M8 through the post's foot, a nut each side"))
                    .at(foot.at().of(new Placement(start, Vec3.UP, along.cross(Vec3.UP), along))));
            HexBolt nut = HexBolt.ALL.get("m8");
            out.fit(foot.body(), foot.at().point(new Vec3(0, 0, anchorHeight(i, cast))), 2,
                    new Fitting("Nut M8 with washer", nut.nut() + nut.washer(), 0.15), "cross-bars");
        }
    }

    private void making(Builder out, Port.Hollow hollow) {
        out.work("post", "Cut and drill the post" + (anchors > 0 ? "; put the cross-bars through its foot." : "."),
                List.of(), "", "Deburr the holes. Never weld zinc-coated pipe: its fumes are toxic.");
        if (hollow.filled() > 0) {
            out.work("stand", "Line the box with film. Stand the post on the middle of its floor, plumb both ways, and "
                    + "brace it.", List.of("casters", "post"), "", "");
            out.work("pour", "Mix the concrete and pour to " + out.length(hollow.filled())
                    + " above the box floor. Check the post for plumb again.", List.of("stand"),
                    "concrete: two days before it is rolled, longer when cold; full strength in four weeks",
                    "Wet cement burns skin and eyes: gloves, goggles, water at hand. Lift bags with help.");
        } else {
            out.work("pour", "No concrete is drawn: screw the post's flange to the box floor instead.",
                    List.of("casters", "post"), "", "");
        }
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
