import {
  ApiOutlined as AntdApiOutlined,
  ArrowDownOutlined as AntdArrowDownOutlined,
  ArrowUpOutlined as AntdArrowUpOutlined,
  CameraOutlined as AntdCameraOutlined,
  CarOutlined as AntdCarOutlined,
  CaretRightOutlined as AntdCaretRightOutlined,
  CheckOutlined as AntdCheckOutlined,
  CloseOutlined as AntdCloseOutlined,
  CompassOutlined as AntdCompassOutlined,
  CopyOutlined as AntdCopyOutlined,
  DeleteOutlined as AntdDeleteOutlined,
  DownOutlined as AntdDownOutlined,
  DownloadOutlined as AntdDownloadOutlined,
  DisconnectOutlined as AntdDisconnectOutlined,
  EditOutlined as AntdEditOutlined,
  FileTextOutlined as AntdFileTextOutlined,
  InboxOutlined as AntdInboxOutlined,
  LeftOutlined as AntdLeftOutlined,
  MenuOutlined as AntdMenuOutlined,
  MobileOutlined as AntdMobileOutlined,
  MoreOutlined as AntdMoreOutlined,
  MoonOutlined as AntdMoonOutlined,
  PauseOutlined as AntdPauseOutlined,
  PlusOutlined as AntdPlusOutlined,
  PrinterOutlined as AntdPrinterOutlined,
  QuestionOutlined as AntdQuestionOutlined,
  RedoOutlined as AntdRedoOutlined,
  RightOutlined as AntdRightOutlined,
  RollbackOutlined as AntdRollbackOutlined,
  SettingOutlined as AntdSettingOutlined,
  SunOutlined as AntdSunOutlined,
  TeamOutlined as AntdTeamOutlined,
  SwapOutlined as AntdSwapOutlined,
  UndoOutlined as AntdUndoOutlined,
  UnorderedListOutlined as AntdUnorderedListOutlined,
  UpOutlined as AntdUpOutlined,
} from '@ant-design/icons';
import type { ComponentProps, ComponentType } from 'react';

type IconProps = ComponentProps<typeof AntdArrowDownOutlined>;

/** A sign that says nothing to those who do not see it: its button has words of its own. */
const silent = (Icon: ComponentType<IconProps>) =>
  function SilentIcon(props: IconProps) {
    return <Icon role="presentation" aria-label={undefined} aria-hidden {...props} />;
  };

export const ApiOutlined = silent(AntdApiOutlined);
export const ArrowDownOutlined = silent(AntdArrowDownOutlined);
export const ArrowUpOutlined = silent(AntdArrowUpOutlined);
export const CameraOutlined = silent(AntdCameraOutlined);
export const CarOutlined = silent(AntdCarOutlined);
export const CaretRightOutlined = silent(AntdCaretRightOutlined);
export const CheckOutlined = silent(AntdCheckOutlined);
export const CloseOutlined = silent(AntdCloseOutlined);
export const CompassOutlined = silent(AntdCompassOutlined);
export const CopyOutlined = silent(AntdCopyOutlined);
export const DeleteOutlined = silent(AntdDeleteOutlined);
export const DownOutlined = silent(AntdDownOutlined);
export const DownloadOutlined = silent(AntdDownloadOutlined);
export const DisconnectOutlined = silent(AntdDisconnectOutlined);
export const EditOutlined = silent(AntdEditOutlined);
export const FileTextOutlined = silent(AntdFileTextOutlined);
export const InboxOutlined = silent(AntdInboxOutlined);
export const LeftOutlined = silent(AntdLeftOutlined);
export const MenuOutlined = silent(AntdMenuOutlined);
export const MobileOutlined = silent(AntdMobileOutlined);
export const MoreOutlined = silent(AntdMoreOutlined);
export const MoonOutlined = silent(AntdMoonOutlined);
export const PauseOutlined = silent(AntdPauseOutlined);
export const PlusOutlined = silent(AntdPlusOutlined);
export const PrinterOutlined = silent(AntdPrinterOutlined);
export const QuestionOutlined = silent(AntdQuestionOutlined);
export const RedoOutlined = silent(AntdRedoOutlined);
export const RightOutlined = silent(AntdRightOutlined);
export const RollbackOutlined = silent(AntdRollbackOutlined);
export const SettingOutlined = silent(AntdSettingOutlined);
export const SunOutlined = silent(AntdSunOutlined);
export const TeamOutlined = silent(AntdTeamOutlined);
export const SwapOutlined = silent(AntdSwapOutlined);
export const UndoOutlined = silent(AntdUndoOutlined);
export const UnorderedListOutlined = silent(AntdUnorderedListOutlined);
export const UpOutlined = silent(AntdUpOutlined);
