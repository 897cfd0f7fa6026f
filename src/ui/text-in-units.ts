export { textInUnits } from '@/core/base/text-in-units';
