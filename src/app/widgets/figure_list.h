#pragma once

#include "app/base/theme.h"

#include <QAbstractListModel>
#include <QWidget>

class QLabel;
class QLineEdit;
class QListView;
class QPushButton;

namespace lc::app {

class FigureDesk;

/// A figure that is dragged: its key among the figures at hand, for names may be the same.
inline constexpr const char* figureMime = "application/x-liftcount-figure";

/// The figures that the search finds, one a row.
class FigureListModel : public QAbstractListModel {
    Q_OBJECT
public:
    enum Role { Counts = Qt::UserRole, Feet, Used, Key, Note };
    FigureListModel(FigureDesk& desk, QObject* parent);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QModelIndex indexOf(const QString& key) const;
    void reset();
    // Figures can be dragged into a part: by key
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override {
        return QAbstractListModel::flags(index) | Qt::ItemIsDragEnabled;
    }
    [[nodiscard]] QStringList mimeTypes() const override { return {QString::fromLatin1(figureMime)}; }
    [[nodiscard]] QMimeData* mimeData(const QModelIndexList& indexes) const override;

private:
    FigureDesk& m_desk;
};

/// The vocabulary at the left: search as one types, a badge of counts before each name.
class FigureList : public QWidget {
    Q_OBJECT
public:
    FigureList(FigureDesk& desk, const Theme& theme, QWidget* parent = nullptr);
    [[nodiscard]] QLineEdit* search() const { return m_search; }
    [[nodiscard]] QListView* list() const { return m_list; }
    void beginSearch();

protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void refresh();
    void showChosen();
    void choose(const QModelIndex& index);

    FigureDesk& m_desk;
    const Theme& m_theme;
    QLabel* m_count;
    QLineEdit* m_search;
    QLabel* m_understood;
    QLabel* m_empty;
    QListView* m_list;
    FigureListModel* m_model;
    bool m_showing = false;
};

} // namespace lc::app
