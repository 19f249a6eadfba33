using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>The solver's variables for one job.</summary>
internal sealed class JobVariables
{
    private readonly IntVar? _length;
    private readonly IntVar? _end;
    private readonly int _longest;

    public JobVariables(CpModel model, Job job, long horizon, bool mayShorten)
    {
        Start = model.NewIntVar(0, horizon, job.Id + ".start");
        _longest = job.Longest;
        var shortest = mayShorten ? job.Shortest : job.Usual;
        if (shortest == job.Longest)
        {
            End = Start + job.Longest;
            Interval = model.NewFixedSizeIntervalVar(Start, job.Longest, job.Id);
            return;
        }

        _length = model.NewIntVar(shortest, job.Longest, job.Id + ".length");
        var end = model.NewIntVar(0, horizon, job.Id + ".end");
        (_end, End) = (end, end);
        Interval = model.NewIntervalVar(Start, _length, end, job.Id);
    }

    public IntVar Start { get; }
    public LinearExpr End { get; }
    public IntervalVar Interval { get; }

    public IntervalVar Optional(CpModel model, ILiteral does, string name) =>
        _length is null
            ? model.NewOptionalFixedSizeIntervalVar(Start, _longest, does, name)
            : model.NewOptionalIntervalVar(Start, _length, _end!, does, name);

    public void Hint(CpModel model, Placement placed)
    {
        model.AddHint(Start, placed.Start);
        if (_length is not null)
        {
            model.AddHint(_length, placed.Minutes);
            model.AddHint(_end!, placed.End);
        }
    }

    /// <summary>Unless the day is not gentle, it is no shorter than halfway between its usual and its shortest.</summary>
    public void KeepGentle(CpModel model, BoolVar notGentle, Job job) =>
        model.Add(_length! + ((job.Gentle - job.Shortest) * notGentle) >= job.Gentle);

    public void Weigh(CpModel model, LinearExprBuilder hours, LinearExprBuilder tidiness, Job job, bool mayShorten)
    {
        if (_length is null)
        {
            return;
        }

        var past = model.NewIntVar(0, job.Longest - job.Usual, job.Id + ".past");
        model.Add(past >= _length - job.Usual);
        tidiness.AddTerm(past, Weights.PastUsual);
        if (mayShorten && job.Shortest < job.Usual)
        {
            var under = model.NewIntVar(0, job.Usual - job.Shortest, job.Id + ".under");
            model.Add(under >= job.Usual - _length);
            hours.AddTerm(under, Weights.Shortened);
        }
    }
}
