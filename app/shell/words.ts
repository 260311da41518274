// Whether the words of the field are looked up that stand on the screen.
import { ref } from 'vue'

export const wordsAreShown = ref(false)
