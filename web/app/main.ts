import '../ui/app.css'
import { loadScreen } from './loadScreen'
import { leadOn } from './moved'

leadOn()

// The program and the screen it opens with are loaded side by side.
void loadScreen(location.hash)
void import('./run')
