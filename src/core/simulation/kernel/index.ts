export { BASE, kernelWith, type Kernel } from './kernel';
