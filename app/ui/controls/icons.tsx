import {
  ApiOutlined as ApiMark,
  ArrowDownOutlined as ArrowDownMark,
  ArrowUpOutlined as ArrowUpMark,
  CameraOutlined as CameraMark,
  CarOutlined as CarMark,
  CaretRightOutlined as CaretRightMark,
  CheckOutlined as CheckMark,
  CloseOutlined as CloseMark,
  CompassOutlined as CompassMark,
  CopyOutlined as CopyMark,
  DeleteOutlined as DeleteMark,
  DisconnectOutlined as DisconnectMark,
  DownOutlined as DownMark,
  DownloadOutlined as DownloadMark,
  EditOutlined as EditMark,
  FileTextOutlined as FileTextMark,
  InboxOutlined as InboxMark,
  LeftOutlined as LeftMark,
  MenuOutlined as MenuMark,
  MobileOutlined as MobileMark,
  MoonOutlined as MoonMark,
  MoreOutlined as MoreMark,
  PauseOutlined as PauseMark,
  PlusOutlined as PlusMark,
  PrinterOutlined as PrinterMark,
  QuestionOutlined as QuestionMark,
  RedoOutlined as RedoMark,
  RightOutlined as RightMark,
  RollbackOutlined as RollbackMark,
  SettingOutlined as SettingMark,
  SunOutlined as SunMark,
  SwapOutlined as SwapMark,
  TeamOutlined as TeamMark,
  UndoOutlined as UndoMark,
  UnorderedListOutlined as UnorderedListMark,
  UpOutlined as UpMark,
} from '@ant-design/icons-svg';
import type { SVGProps } from 'react';
import './icons.css';

/** A mark as its package keeps it: the paths of one picture. */
interface Mark {
  icon: unknown;
}
interface Picture {
  attrs: { viewBox?: string };
  children?: { attrs: { d?: string } }[];
}

/** A sign that says nothing to those who do not see it: its button has words of its own. */
const signOf = ({ icon }: Mark) => {
  const { attrs, children = [] } = icon as Picture;
  return (props: SVGProps<SVGSVGElement>) => (
    <svg className="sign" viewBox={attrs.viewBox} aria-hidden {...props}>
      {children.map((path) => (
        <path key={path.attrs.d} d={path.attrs.d} />
      ))}
    </svg>
  );
};

export const ApiOutlined = signOf(ApiMark);
export const ArrowDownOutlined = signOf(ArrowDownMark);
export const ArrowUpOutlined = signOf(ArrowUpMark);
export const CameraOutlined = signOf(CameraMark);
export const CarOutlined = signOf(CarMark);
export const CaretRightOutlined = signOf(CaretRightMark);
export const CheckOutlined = signOf(CheckMark);
export const CloseOutlined = signOf(CloseMark);
export const CompassOutlined = signOf(CompassMark);
export const CopyOutlined = signOf(CopyMark);
export const DeleteOutlined = signOf(DeleteMark);
export const DisconnectOutlined = signOf(DisconnectMark);
export const DownOutlined = signOf(DownMark);
export const DownloadOutlined = signOf(DownloadMark);
export const EditOutlined = signOf(EditMark);
export const FileTextOutlined = signOf(FileTextMark);
export const InboxOutlined = signOf(InboxMark);
export const LeftOutlined = signOf(LeftMark);
export const MenuOutlined = signOf(MenuMark);
export const MobileOutlined = signOf(MobileMark);
export const MoonOutlined = signOf(MoonMark);
export const MoreOutlined = signOf(MoreMark);
export const PauseOutlined = signOf(PauseMark);
export const PlusOutlined = signOf(PlusMark);
export const PrinterOutlined = signOf(PrinterMark);
export const QuestionOutlined = signOf(QuestionMark);
export const RedoOutlined = signOf(RedoMark);
export const RightOutlined = signOf(RightMark);
export const RollbackOutlined = signOf(RollbackMark);
export const SettingOutlined = signOf(SettingMark);
export const SunOutlined = signOf(SunMark);
export const SwapOutlined = signOf(SwapMark);
export const TeamOutlined = signOf(TeamMark);
export const UndoOutlined = signOf(UndoMark);
export const UnorderedListOutlined = signOf(UnorderedListMark);
export const UpOutlined = signOf(UpMark);
