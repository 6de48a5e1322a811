package kwibbet.making;

import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Side;
import kwibbet.shape.Overlay;
import kwibbet.shape.Region;

/** A face is worked on before anything covers it. */
record WorkedBeforeCovered() implements WaitRule {

    @Override
    public String key() {
        return "worked-before-covered";
    }

    @Override
    public List<Wait> waits(Operations operations) {
        List<Wait> waits = new ArrayList<>();
        for (Operation.Treat treat : operations.every(Operation.Treat.class)) {
            for (Operation.Stick over : operations.onto(treat.piece().id())) {
                if (over.join().side() == treat.zone().side()
                        && Overlay.overlap(over.join().zone(), treat.zone().outline())
                        && !isUseOf(over, treat)) {
                    waits.add(wait(treat, over, over.piece().name() + " covers it."));
                }
            }
            operations.stick(treat.piece().id()).ifPresent(stick -> {
                Side touching = stick.join().touching();
                if (treat.zone().side() == touching) {
                    waits.add(wait(
                            treat, stick, "Once " + stick.piece().name() + " is stuck, that face is not reached."));
                }
            });
        }
        return waits;
    }

    /** What is laid within a pencilled outline is laid by it, and the mark is erased afterwards. */
    private static boolean isUseOf(Operation.Stick over, Operation.Treat treat) {
        return treat.does() == Does.ERASE
                && Overlay.contains(
                        Region.of(treat.zone().outline()), over.join().zone());
    }
}
