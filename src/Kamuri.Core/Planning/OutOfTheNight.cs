using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>A day for which nobody named an hour is put off to the morning rather than done at night.</summary>
public static class OutOfTheNight
{
    /// <summary>When a day begins that is put off; null for one that keeps out of the night, begun when it was planned.</summary>
    /// <param name="start">When it would begin, on the household's clock.</param>
    /// <param name="work">What would keep somebody up at night; null for nothing.</param>
    /// <param name="night">When the night is.</param>
    public static DateTime? PutOff(DateTimeOffset start, NightWork? work, NightFigures night)
    {
        if (work is null && !night.IsNight(start))
        {
            return null;
        }

        var today = start.Date.AddHours(night.MorningHour);
        return start.DateTime < today ? today : today.AddDays(1);
    }

    /// <summary>Why it was put off.</summary>
    /// <param name="work">What would have kept somebody up; null when it is night already.</param>
    /// <param name="asked">When it would have begun.</param>
    /// <param name="start">When it begins now.</param>
    public static string Sentence(NightWork? work, DateTimeOffset asked, DateTimeOffset start) =>
        work is null ? PlanWords.ItIsNightSoItBegins(Say.Clock(start, asked))
        : work.IsDrying ? PlanWords.BegunNowTheHairIsNotDryUntil(Say.Clock(work.To, asked), Say.Clock(start, asked))
        : PlanWords.BegunNowItRunsInto(Say.Clock(work.To, asked), Say.Clock(start, asked));
}
