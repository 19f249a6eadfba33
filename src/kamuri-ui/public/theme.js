// Sets the theme before anything is painted. "clock" is day by day and night in the evening.
const kept = localStorage.getItem('kamuri.theme') ?? 'clock'
const hour = new Date().getHours()
document.documentElement.dataset.theme = kept === 'clock' ? (hour >= 20 || hour < 7 ? 'night' : 'day') : kept
