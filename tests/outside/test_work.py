"""Steps of the work against a constraint solver, a library of graphs, and statistics."""

from math import exp, log

import networkx
import numpy as np
from scipy.integrate import quad
from scipy.stats import norm

from fernring.core.solved import solve_piece
from fernring.core.work.drying import Report, drying, learned
from fernring.core.work.graph import graph
from fernring.core.work.job import Job
from fernring.core.work.schedule import schedule
from tests.assertions import FernTestCase
from tests.work_cases import best_cost, random_piece

SMALL = 11  # steps


class OrderTest(FernTestCase):
    def test_small_orders_are_the_best_or_nearly(self) -> None:
        """Source: OR-tools 9.15, CP-SAT."""
        random, looked = np.random.default_rng(3), 0
        while looked < 6:
            piece = random_piece(random)
            bound = graph(Job(solve_piece(piece), drying(piece.blank, piece.work.warmth)))
            if len(bound.steps) > SMALL:
                continue
            looked += 1
            best, proved = best_cost(bound, piece.work.costs)
            self.assertTrue(proved)
            ours = schedule(bound, piece.work.costs).cost
            self.assertLess(ours, 1.1 * best)
            self.assertGreater(ours, 0.999 * best)

    def test_order_and_critical_path(self) -> None:
        """Every order is topological, and none ends before the longest path does. Source: networkx 3.6."""
        random = np.random.default_rng(8)
        for _ in range(10):
            piece = random_piece(random)
            bound = graph(Job(solve_piece(piece), drying(piece.blank, piece.work.warmth)))
            found = schedule(bound, piece.work.costs)
            arrows = networkx.DiGraph()
            long = {step.id: step.minutes.mean for step in bound.steps}
            for ident in long:
                arrows.add_edge("begin", ident, weight=0.0)
                arrows.add_edge(ident, "end", weight=long[ident])
                for one in bound.after.get(ident, ()):
                    weight = max(
                        long[one.step] + one.wait, arrows.get_edge_data(one.step, ident, {"weight": 0})["weight"]
                    )
                    arrows.add_edge(one.step, ident, weight=weight)
            self.assertTrue(networkx.is_directed_acyclic_graph(arrows))
            place = {bound.steps[k].id: rank for rank, k in enumerate(found.order)}
            self.assertTrue(all(place[a] < place[b] for a, b in arrows.edges if a in place and b in place))
            ends = max(begin + bound.steps[k].minutes.mean for begin, k in zip(found.begins, found.order, strict=True))
            self.assertGreaterEqual(ends, networkx.dag_longest_path_length(arrows) - 1e-6)


class DryingTest(FernTestCase):
    def test_posterior(self) -> None:
        """Bayes by numbers: prior times likelihoods, normalised by quadrature. Source: scipy.stats, scipy.integrate."""
        reports = [Report("medium", "none", minutes, 60.0, True) for minutes in (45.0, 80.0, 100.0)]

        def weight(theta: float) -> float:
            likelihood = np.prod([norm.pdf(log(one.minutes / 60.0), theta, 0.35) for one in reports])
            return float(norm.pdf(theta, 0.0, 0.4) * likelihood)

        total = quad(weight, -4, 4)[0]
        mean = quad(lambda t: t * weight(t), -4, 4)[0] / total
        spread = quad(lambda t: (t - mean) ** 2 * weight(t), -4, 4)[0] / total
        found = learned(reports)
        self.assertAlmostEqual(found.mean, mean, places=8)
        self.assertAlmostEqual(found.sd**2, spread, places=8)
        self.assertGreater(exp(found.mean), 1.0)
