package firmperch.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import firmperch.stock.Section;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The faces that a solid is drawn by: a closed skin, looking outward, around the volume that it weighs. */
class FacetsTest {
    static Stream<Arguments> solids() {
        return Stream.of(Arguments.of("board", new Solid.Sheet(Outline.rectangle(-0.2, -0.1, 0.3, 0.1), 0.018), 1e-9),
                Arguments.of("round plate", new Solid.Sheet(Outline.of(Outline.circle(0.02, 0, 0.2)), 0.02), 0.02),
                Arguments.of("stick", new Solid.Bar(new Section.Rectangle(0.04, 0.018), 0.6), 1e-9),
                Arguments.of("mitred stick", new Solid.Bar(new Section.Rectangle(0.04, 0.018), 0.6,
                        new Solid.Mitre(0.5), new Solid.Mitre(-0.3)), 1e-9),
                Arguments.of("rounded stick", new Solid.Bar(new Section.Rectangle(0.04, 0.018), 0.6, Solid.End.ROUND,
                        Solid.End.ROUND), 0.02),
                Arguments.of("drum", Solid.Round.cylinder(0.3, 0, 0.25), 0.02),
                Arguments.of("box", Solid.Bought.box(0.1, 0.2, 0.3, 4), 1e-9));
    }

    /** Every edge belongs to two faces that run along it in opposite ways: the skin is closed, all of it looks outward. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("solids")
    void theSkinIsClosed(String name, Solid solid, double roughness) {
        Facets facets = Facets.of(solid);
        Map<List<Integer>, Integer> edges = new HashMap<>();
        for (Facets.Facet face : facets.faces()) {
            List<Integer> c = face.corners();
            for (int i = 0; i < c.size(); i++) {
                edges.merge(List.of(c.get(i), c.get((i + 1) % c.size())), 1, Integer::sum);
            }
        }
        edges.forEach((edge, times) -> {
            assertThat(times).isEqualTo(1);
            assertThat(edges).containsKey(edge.reversed());
        });
        // Euler's polyhedron formula: corners − edges + faces = 2.
        assertThat(facets.corners().size() - edges.size() / 2 + facets.faces().size()).isEqualTo(2);
    }

    /** Volume by the divergence theorem, ⅓·Σ p·n·A over the faces, against what the solid weighs at a density of 1. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("solids")
    void itHoldsTheVolumeThatIsWeighed(String name, Solid solid, double roughness) {
        Facets facets = Facets.of(solid);
        double volume = 0;
        for (Facets.Facet face : facets.faces()) {
            Vec3 first = facets.corners().get(face.corners().getFirst());
            Vec3 area = Vec3.ZERO;
            for (int i = 1; i + 1 < face.corners().size(); i++) {
                Vec3 a = facets.corners().get(face.corners().get(i)).minus(first);
                Vec3 b = facets.corners().get(face.corners().get(i + 1)).minus(first);
                area = area.plus(a.cross(b).times(0.5));
            }
            assertThat(area.unit().dot(face.normal())).isCloseTo(1, within(1e-9));
            volume += area.dot(first) / 3;
        }
        double weighed = solid instanceof Solid.Bought ? 0.1 * 0.2 * 0.3 : solid.massAt(1).mass();
        assertThat(volume).isCloseTo(weighed, within(roughness * weighed + 1e-12));
    }
}
