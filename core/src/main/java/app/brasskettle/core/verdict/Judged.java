package app.brasskettle.core.verdict;

/** An answer that carries a judgement. */
public interface Judged {

    Judgement judgement();

    /** The word alone. */
    default Verdict verdict() {
        return judgement().verdict();
    }
}
