import '../src/shared/ui/Sheet'
import { fetchTheRest } from '../src/shared/later'

// A page that has been idle: sheets open at once.
await fetchTheRest()
