namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>One job of a run.</summary>
/// <param name="Job">The job.</param>
/// <param name="RunNumber">Its run.</param>
/// <param name="At">Its place in it.</param>
/// <param name="Minutes">How long it takes.</param>
/// <param name="Wait">Minutes from its end to the beginning of the next at least.</param>
/// <param name="Gap">Minutes from its end to the beginning of the next at most.</param>
/// <param name="Piece">What no break can part has one number.</param>
/// <param name="IsLong">Its piece is longer than hands should go on: a stretch of its own.</param>
public sealed record HandStep(Job Job, int RunNumber, int At, int Minutes, int Wait, int Gap, int Piece, bool IsLong)
{
    /// <summary>The first of its piece.</summary>
    public required bool BeginsPiece { get; init; }

    /// <summary>The last of its piece.</summary>
    public required bool EndsPiece { get; init; }

    /// <summary>The head it is done on, where that needs pauses; null else.</summary>
    public RestingHead? Head { get; set; }

    /// <summary>What no pause of its head can part; nothing is longer where it needs none.</summary>
    public OwnPiece Own { get; set; }

    /// <summary>When somebody, or something, it needs is not there.</summary>
    public required (int From, int To)[] Away { get; set; }

    /// <summary>Targets of other runs that have to be reached before it begins.</summary>
    public int[] WaitsFor { get; set; } = [];

    /// <summary>Things that have to be free again before it begins.</summary>
    public int[] Needs { get; set; } = [];

    /// <summary>Targets that are reached so long after its end.</summary>
    public (int Target, int Lag)[] Frees { get; set; } = [];

    /// <summary>The thing that is taken from its end on, and for how long at least; null for none.</summary>
    public (int Target, int Minutes)? Takes { get; set; }

    /// <summary>The wait that takes it.</summary>
    public Job? Taking { get; set; }

    /// <summary>The thing is not given back before the next job of the run begins.</summary>
    public bool Holds { get; set; }

    /// <summary>Its place among all jobs, those first behind which the most is still to come.</summary>
    public int Place { get; set; }

    /// <summary>Minutes from its end to the end of everything behind it, at least.</summary>
    public int Tail { get; set; }
}

/// <summary>A piece of a run that no pause of its head can part.</summary>
/// <param name="Number">By run.</param>
/// <param name="IsLong">It is longer than they should hold still: a stretch of its own.</param>
/// <param name="Ends">The job is the last of it.</param>
public readonly record struct OwnPiece(int Number, bool IsLong, bool Ends);

/// <summary>What a bound needs to know of a job (<see cref="HandStep"/>).</summary>
/// <param name="Nests">It may be done within a piece that is a stretch of its own.</param>
internal readonly record struct TailedStep(int Minutes, int Tail, bool IsLong, bool BeginsPiece, bool Nests);
