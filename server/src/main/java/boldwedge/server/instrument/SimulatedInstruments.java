package boldwedge.server.instrument;

import boldwedge.core.family.MachineTests;
import boldwedge.core.family.StandIn;
import boldwedge.core.family.ToolTests;
import boldwedge.core.mechanics.cutting.Lathe;
import org.springframework.stereotype.Component;

/** Stand-ins that ship with the program. Their numbers are made up, and the page says so. */
@Component
class SimulatedInstruments implements Instruments {
    private static final int RATE = 48_000;
    private static final double SECONDS = 2;
    private static final double SLIDES_RUB_MM = 0.0004;

    @Override
    public String name() {
        return "Simulated stand-ins: no instrument was read.";
    }

    @Override
    public double indicator(ToolTests.AtRest bar, double pullNewton, boolean comingDown) {
        return StandIn.indicator(bar, pullNewton, comingDown);
    }

    @Override
    public double machine(
            Lathe lathe, MachineTests.Part part, double barMm, double outMm, double pullNewton, boolean comingDown) {
        return StandIn.give(lathe, part, barMm, outMm) * pullNewton + (comingDown ? SLIDES_RUB_MM : 0);
    }

    @Override
    public Recording tapPost() {
        return new Recording(StandIn.ring(RATE, SECONDS), RATE);
    }

    @Override
    public Recording tap(ToolTests.AtRest bar) {
        return new Recording(StandIn.ring(bar, RATE, SECONDS), RATE);
    }
}
