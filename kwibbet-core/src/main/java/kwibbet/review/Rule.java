package kwibbet.review;

import java.util.List;

import kwibbet.card.Card;

/** Looks for one mistake. */
public interface Rule {

    /** Names the rule. */
    String key();

    /** Every place where the mistake is made. */
    List<Finding> check(Card card);
}
