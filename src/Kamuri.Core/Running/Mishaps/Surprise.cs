using Kamuri.Core.Steps;

namespace Kamuri.Core.Running.Mishaps;

/// <summary>Something that goes wrong in a rehearsal, because somebody asked for it.</summary>
/// <param name="Mishap">What.</param>
/// <param name="Head">On which head.</param>
public sealed record Surprise(Mishap Mishap, string Head)
{
    /// <summary>Before bedtime by so much, hair that dries is looked at in thought of the pillow.</summary>
    private static readonly TimeSpan NearBedtime = TimeSpan.FromHours(1);

    /// <summary>
    /// One that could happen at this moment: nothing stings on bare hair, and no section is forgotten where none is worked. The same
    /// moment gives the same one, and the next press another.
    /// </summary>
    /// <param name="plan">The session's plan.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="now">The moment.</param>
    /// <param name="around">What advice needs to know.</param>
    /// <returns>Null when nothing is left that could go wrong.</returns>
    public static Surprise? At(SessionPlan plan, SessionState state, DateTimeOffset now, MishapSurroundings around)
    {
        var could = plan.Heads.Select(head => new Happening(plan, state, now, head, around)).SelectMany(Could).ToList();
        return could.Count == 0 ? null : could[Turn(state, could.Count)];
    }

    /// <summary>
    /// Which of them it is: another one with everything that has happened, and all of them in turn, for nothing divides a prime.
    /// </summary>
    private static int Turn(SessionState state, int count) => state.Undoable.Count * 101 % count;

    private static IEnumerable<Surprise> Could(Happening at)
    {
        Surprise Of(Mishap mishap) => new(mishap, at.Head.Key);
        var touched = at.Counting is not null || at.InHand is not null;
        if (at.Counting is { Task.Substance: not null })
        {
            yield return Of(Mishap.LeftTooLong);
            yield return Of(Mishap.Stings);
        }

        if (at.InHand is { } pass)
        {
            var kind = pass.StepId is null ? null : SessionPlan.KindOf(pass.StepId);
            if (pass.Sections > 0)
            {
                yield return Of(Mishap.UnsureOfSections);
            }

            if (kind?.Puts is not null)
            {
                yield return Of(Mishap.NotEnough);
                yield return Of(Mishap.TooMuch);
                if (at.Mixture(at.Step(pass)) is not null)
                {
                    yield return Of(Mishap.TooThick);
                    yield return Of(Mishap.TooRunny);
                }
            }

            if (at.IsRinsing && at.HadMixture)
            {
                yield return Of(Mishap.BitsLeft);
            }

            if (kind?.IsCleanse == true && at.OnHair.Count > 0)
            {
                yield return Of(Mishap.OilStays);
            }

            if (kind?.Needs.Contains(Resource.Shower) == true)
            {
                yield return Of(Mishap.TooHot);
            }
        }

        if (
            at.Counting is { Task.Substance: null, UsualAt: var dry }
            && dry > at.Around.Bedtime
            && at.Now >= at.Around.Bedtime - NearBedtime
        )
        {
            yield return Of(Mishap.WetAtBedtime);
        }

        if (touched && at.Waiting.Count > 0)
        {
            yield return Of(Mishap.CalledAway);
            yield return Of(Mishap.OutOfTime);
        }
    }
}
