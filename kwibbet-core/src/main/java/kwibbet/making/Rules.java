package kwibbet.making;

import java.util.List;

/** All rules. Where they contradict each other, which is told, what a later one asks for gives way. */
final class Rules {

    static final List<WaitRule> ALL = List.of(
            new CutOutFirst(),
            new OutOfMiddle(),
            new ScoredBeforeFolded(),
            new ThroughTheStack(),
            new AdhesiveFirst(),
            new FilledBetween(),
            new LowerFirst(),
            new IntoNegative(),
            new BehindFirst(),
            new SleeveEnds(),
            new HungLast(),
            new TriedBeforeCovered(),
            new OpenedBeforeCovered(),
            new PressedFlat(),
            new WorkedBeforeCovered(),
            new FoldedBeforeStuck(),
            new FilmAfterInk(),
            new HeatAwayFromFilm(),
            new FlatForInk(),
            new InkBeforeDie(),
            new EndsOffLast(),
            new MaskedWhileInked(),
            new MarkedThroughOpening(),
            new KeptInNegative(),
            new PartnerFound(),
            new PunchedThroughPleats(),
            new CordBeforeHung(),
            new FoldedBackLast(),
            new BradsThroughStack(),
            new SetOnLast(),
            new StoodUpLast(),
            new ShutLast(),
            new OwnAsSaid(),
            new OwnWhileFlat());

    private Rules() {}
}
