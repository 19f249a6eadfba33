using System.Globalization;
using Kamuri.Core.Mixing;

namespace Kamuri.Core.Shelf;

/// <summary>How a patch test came out.</summary>
public enum PatchOutcome
{
    Waiting,
    Fine,
    Reacted,
}

/// <summary>A patch test of one ingredient on one head.</summary>
/// <param name="Ingredient">Its plain name.</param>
/// <param name="AppliedAt">When it was put on.</param>
/// <param name="Outcome">How it came out.</param>
public sealed record PatchTest(string Ingredient, DateTimeOffset AppliedAt, PatchOutcome Outcome)
{
    /// <summary>From when it can be judged.</summary>
    public DateTimeOffset LookFrom(MixtureFigures figures) => AppliedAt + figures.PatchTestWait;

    /// <summary>The test in words.</summary>
    /// <param name="now">The moment.</param>
    /// <param name="figures">How long a test takes.</param>
    /// <param name="local">Turns a moment into the household's own time.</param>
    public string Sentence(DateTimeOffset now, MixtureFigures figures, Func<DateTimeOffset, DateTimeOffset> local) =>
        Outcome switch
        {
            PatchOutcome.Fine => ShelfWords.NoReaction,
            PatchOutcome.Reacted => ShelfWords.TheSkinReactedNeverAgainOn,
            _ when now < LookFrom(figures) => ShelfWords.LookAtTheSkinFromLocal(Say.Moment(local(LookFrom(figures)))),
            _ => ShelfWords.LookAtTheSkinNowRedness,
        };
}
