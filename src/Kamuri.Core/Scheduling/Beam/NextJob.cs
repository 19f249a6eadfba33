namespace Kamuri.Core.Scheduling.Beam;

/// <summary>One way to go on with a day.</summary>
/// <param name="Job">What is begun.</param>
/// <param name="Pair">Whose hands do it.</param>
/// <param name="PairRests">They rest before it.</param>
/// <param name="HeadRests">The head rests before it.</param>
/// <param name="At">Minutes from the start of the day at which it begins, as far as can be told before it is tried.</param>
/// <param name="MayWait">It is only looked whether it could be done: all hands have work that must go on soon.</param>
internal readonly record struct NextJob(int Job, int Pair, bool PairRests, bool HeadRests, int At, bool MayWait)
{
    /// <summary>What is over first comes first; else always in the same order.</summary>
    public long Place(int minutes) =>
        ((At + minutes) * 1L << 32) | ((long)Job << 16) | ((long)Pair << 2) | (PairRests ? 2L : 0) | (HeadRests ? 1L : 0);
}
