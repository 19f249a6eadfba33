namespace Kamuri.Core.Mixing;

/// <summary>
/// A sentence with amounts in it, written with each way a kitchen measures; a screen shows the one its reader chose.
/// </summary>
/// <param name="Metric">With millilitres, and grams where the formula weighs.</param>
/// <param name="Spoons">With spoons and cups.</param>
/// <param name="Weight">With grams.</param>
public sealed record MeasuredWords(string Metric, string Spoons, string Weight)
{
    private static readonly Func<MeasuredAmount, string>[] Ways =
    [
        amount => amount.Metric,
        amount => amount.Spoons,
        amount => amount.Weight,
    ];

    /// <summary>Words without any amount in them.</summary>
    public static MeasuredWords Same(string words) => new(words, words, words);

    /// <summary>Writes the sentence once for each way of measuring.</summary>
    /// <param name="write">The sentence, given how an amount is to be written.</param>
    public static MeasuredWords Of(Func<Func<MeasuredAmount, string>, string> write) => new(write(Ways[0]), write(Ways[1]), write(Ways[2]));

    /// <summary>The same change made to each wording.</summary>
    public MeasuredWords Then(Func<string, string> change) => new(change(Metric), change(Spoons), change(Weight));
}
