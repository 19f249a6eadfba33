// Sets the theme before anything is painted. Without a choice it is day by day and night in the evening.
const kept = localStorage.getItem('kamuri.theme')?.match(/day|night/)?.[0]
const hour = new Date().getHours()
document.documentElement.dataset.theme = kept ?? (hour >= 20 || hour < 7 ? 'night' : 'day')
