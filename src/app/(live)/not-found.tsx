export { NotFound as default } from '@/ui/theme/NotFound'
