package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

/** What is inlaid is laid into its negative, which shows where it goes once what has it is stuck. */
record IntoNegative() implements WaitRule {

    @Override
    public String key() {
        return "into-negative";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Stick inlaid : operations.every(Operation.Stick.class)) {
            inlaid.around()
                    .flatMap(around -> operations.stick(around.id()))
                    .ifPresent(around -> waits.add(wait(
                            around,
                            inlaid,
                            "The opening in " + around.piece().name() + " shows where "
                                    + inlaid.piece().name() + " goes.")));
        }
        return waits;
    }
}
