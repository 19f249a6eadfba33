using System.Collections.Concurrent;
using System.Text.Json;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// One question has one answer, so it need not be worked out twice: the day that was just shown is the one that begins, and a
/// day that is kept for later is looked at again and again. In memory only, and only for the very same problem.
/// </summary>
/// <param name="inner">Who works it out.</param>
public sealed class RememberingScheduler(IScheduler inner) : IScheduler
{
    /// <summary>More days than are looked at in an evening; beyond them it begins anew.</summary>
    private const int Most = 256;

    private readonly ConcurrentDictionary<string, Schedule?> _answers = [];

    public bool MayBeInTime(SchedulingProblem problem) => inner.MayBeInTime(problem);

    public Schedule? Solve(SchedulingProblem problem)
    {
        // The whole problem in words: whatever is added to it counts by itself.
        var question = JsonSerializer.Serialize(problem);
        if (!_answers.TryGetValue(question, out var answer))
        {
            answer = inner.Solve(problem);
            if (_answers.Count >= Most)
            {
                _answers.Clear();
            }

            _answers[question] = answer;
        }

        return answer?.Of(problem);
    }
}
