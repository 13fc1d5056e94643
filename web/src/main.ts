import './shared/ui/theme.css'

// The first format of a time costs a browser as much as a third of the drawing: it is made while the rest is on its way.
new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', timeStyle: 'short' }).format(0)

void import('./start')
