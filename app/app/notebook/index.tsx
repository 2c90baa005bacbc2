export { NotebookPage as default } from '@/steps/notebook/NotebookPage';
